import type { Part } from '../fit';
import type { Extent } from '../../place/kinds';
import type { AcrossPlace, Hold, RestSpec } from '../system';
import { GRAVITY } from './limits';
import { stiffnessOf, type Material } from './materials';
import type { PlateLoad, PlateModel, PlateStiffness, Rest } from './plateModel';
import type { Carried } from './uses';

/** A board as it is really held: its plate, and where that lies in the opening. */
export interface HeldBoard {
  readonly shelf: number;
  readonly model: PlateModel;
  /** x of the board's left end in the frame of the opening; its corner, in a corner. */
  readonly startMm: number;
  /** Which way x runs along a corner's back: −1 where the corner is on the right. */
  readonly mirror: 1 | -1;
  /** The longest stretch between what it rests on, a free end counting twice. Millimetres. */
  readonly spanMm: number;
  readonly selfKg: number;
}

export interface BoardInput {
  readonly hold: Hold;
  readonly parts: readonly Part[];
  readonly extent: Extent;
  readonly board: Material;
  /** Of the strip on its front edge. */
  readonly front: Material;
}

/** Two skins that bend each for itself are as stiff as one board so thick. */
const SKINS = Math.cbrt(2);

/** The plate of a board with its rests and ribs, from its fitted size; null where the board is not made. */
export function heldBoard({ hold, parts, extent, board, front }: BoardInput): HeldBoard | null {
  const part = parts.find(({ id }) => id === hold.board);
  if (!part) return null;
  const { corner, fit, across } = part;
  const mirror = corner?.side === 'right' ? -1 : 1;
  const outline = corner?.outline.map(([x, y]) => [Math.max(mirror * x, 0), y] as const);
  const { lengthMm, depthMm } = plateSize(part, hold, outline);
  const startMm = corner ? 0 : (across?.fromMm ?? fit?.seat.acrossMm ?? extent.left);
  const x = (at: AcrossPlace) => {
    if (at.from === 'opening') return at.acrossMm - startMm;
    return at.from === 'left' ? at.inMm : lengthMm - at.inMm;
  };
  const rests = hold.rests.map((rest) => placedRest(rest, x, parts, lengthMm, depthMm));
  const ribs = hold.ribs.map((rib) => ({
    id: rib.part,
    fromMm: 0,
    toMm: lengthMm,
    outMm: Math.min(rib.outMm, depthMm),
    thicknessMm: rib.thicknessMm,
    heightMm: rib.heightMm,
    offsetMm: rib.offsetMm,
    modulusMpa: front.eAlongMpa,
    shearMpa: front.shearMpa,
  }));
  const boards = hold.skins ? 2 * hold.skins.skinMm : part.thicknessMm;
  const area = outline ? areaOf(outline) : lengthMm * depthMm;
  const ribsKg = ribs.reduce((sum, rib) => sum + rib.thicknessMm * rib.heightMm * lengthMm * front.densityKgM3, 0);
  const selfKg = (area * boards * board.densityKgM3 + ribsKg) / 1e9;
  const model = {
    lengthMm,
    depthMm,
    thicknessMm: hold.skins ? hold.skins.skinMm * SKINS : part.thicknessMm,
    stiffness: hold.slats ? apart(stiffnessOf(board)) : stiffnessOf(board),
    rests,
    ribs,
    ...(outline ? { outline } : {}),
  };
  return { shelf: hold.shelf, model, startMm, mirror, spanMm: spanOf(rests, lengthMm, depthMm), selfKg };
}

/** Length and depth of the plate: of a corner shelf its bounding box, of slats their sum. */
function plateSize(
  { fit, length, place }: Part,
  { slats }: Hold,
  outline: readonly (readonly [number, number])[] | undefined,
): { lengthMm: number; depthMm: number } {
  if (outline)
    return { lengthMm: Math.max(...outline.map(([x]) => x)), depthMm: Math.max(...outline.map(([, y]) => y)) };
  const depthMm = slats ? slats.count * slats.widthMm : place.outTo - place.outFrom;
  return { lengthMm: fit?.backMm ?? length.mm, depthMm };
}

/** Slats side by side: stiff along, next to nothing across. */
const apart = (plateStiffness: PlateStiffness): PlateStiffness => ({
  ...plateStiffness,
  acrossMpa: plateStiffness.acrossMpa * SLATTED,
  shearMpa: plateStiffness.shearMpa * SLATTED,
  poisson: 0,
});
const SLATTED = 0.01;

/** A rest within the board, and no longer than the piece that is there. */
function placedRest(
  { by, from, to }: RestSpec,
  x: (at: AcrossPlace) => number,
  parts: readonly Part[],
  lengthMm: number,
  depthMm: number,
): Rest {
  const within = (value: number, most: number) => Math.min(Math.max(value, 0), most);
  const start = [within(x(from.at), lengthMm), within(from.outMm, depthMm)] as const;
  const end = [within(x(to.at), lengthMm), within(to.outMm, depthMm)] as const;
  const piece = parts.find((part) => part.id === by && (part.role === 'rail-back' || part.role === 'rail-side'));
  if (!piece || !parts.some((part) => part.corner)) return { id: by, from: start, to: end };
  const along = Math.abs(end[0] - start[0]) > Math.abs(end[1] - start[1]) ? 0 : 1;
  const reach = Math.min(end[along], start[along] + piece.length.mm);
  return { id: by, from: start, to: along === 0 ? [reach, end[1]] : [end[0], reach] };
}

/**
 * The longest stretch a board spans between what carries it across its depth, twice over where an end stands free; for
 * a board held along its back alone, twice its depth.
 * @returns millimetres
 */
export function spanOf(rests: readonly Rest[], lengthMm: number, depthMm: number): number {
  const across = rests.filter(({ from, to }) => Math.abs(to[0] - from[0]) < depthMm / 3);
  const xs = [...new Set(across.map(({ from }) => from[0]))].sort((a, b) => a - b);
  if (xs.length === 0) return 2 * depthMm;
  const ends = [xs[0] as number, lengthMm - (xs.at(-1) as number)].map((one) => 2 * one);
  return Math.max(...ends, ...xs.slice(1).map((one, i) => one - (xs[i] as number)));
}

function areaOf(outline: readonly (readonly [number, number])[]): number {
  return Math.abs(
    outline.reduce((sum, [x1, y1], i) => {
      const [x2, y2] = outline[(i + 1) % outline.length] as readonly [number, number];
      return sum + (x1 * y2 - x2 * y1) / 2;
    }, 0),
  );
}

// Each stretch of load as so many points along it, in so many rows from back to front.
const ALONG = 8;
const ROWS = 3;

/** The load that stays on a board: its own weight, and what stands on it. */
export function stayingLoad(
  { model: { lengthMm, depthMm, outline }, selfKg }: HeldBoard,
  { stretches }: Carried,
): PlateLoad {
  const area = outline ? areaOf(outline) : lengthMm * depthMm;
  const [whole] = stretches;
  const even = stretches.length === 1 && whole && whole.fromMm <= 0 && whole.toMm >= lengthMm - 1;
  const pressure =
    ((selfKg + (even || outline ? stretches.reduce((sum, stretch) => sum + stretch.kg, 0) : 0)) * GRAVITY) / area;
  if (even || outline) return { pressure, points: [] };
  const points = stretches.flatMap(({ fromMm, toMm, kg }) =>
    Array.from({ length: ALONG * ROWS }, (_, k) => ({
      x: fromMm + ((toMm - fromMm) * ((k % ALONG) + 0.5)) / ALONG,
      y: (depthMm * (Math.floor(k / ALONG) + 0.5)) / ROWS,
      newtons: (kg * GRAVITY) / (ALONG * ROWS),
    })),
  );
  return { pressure, points };
}

/**
 * Someone leaning on the middle of the front edge with so much of their weight, on a forearm, beside what stands there.
 */
export function leaningLoad(board: HeldBoard, staying: PlateLoad): PlateLoad {
  const { lengthMm, depthMm, outline } = board.model;
  const middle = lengthMm / 2;
  const front = outline ? crossingAt(outline, middle) : depthMm;
  const spots = [-1, 0, 1].flatMap((i) =>
    [0, 0.5, 1].map((share) => ({ x: middle + i * ARM_MM.along, y: Math.max(front - share * ARM_MM.deep, 0) })),
  );
  const newtons = (LEANING_KG * GRAVITY) / spots.length;
  return { ...staying, points: [...staying.points, ...spots.map((spot) => ({ ...spot, newtons }))] };
}

const ARM_MM = { along: 120, deep: 80 } as const;

/** How far out an outline reaches at a place along it. */
function crossingAt(outline: readonly (readonly [number, number])[], x: number): number {
  const ys = outline.flatMap(([x1, y1], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length] as readonly [number, number];
    if ((x1 - x) * (x2 - x) > 0 || x1 === x2) return [];
    return [y1 + ((y2 - y1) * (x - x1)) / (x2 - x1)];
  });
  return Math.max(0, ...ys);
}

export const LEANING_KG = 50;
