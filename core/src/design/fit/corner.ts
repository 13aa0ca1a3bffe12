import type { CornerWish } from '../../job';
import type { SurfacePoint } from '../../place/opening';
import { drawSamples } from '../../place/opening';
import { stations } from '../../place/kinds';
import { rangeOf, type Range } from './between';
import { HIDDEN_MM } from '../../place/opening/hidden';
import { alongLine, lineOver, supporting } from '../../place/opening/line';
import { crossingAt, type OutlinePoint } from './outline';
import type { Walled } from './pocket';

/** A shelf in a corner: pushed home against both walls, its front edge free. Plain data; millimetres, degrees. */
export interface CornerFit {
  readonly shape: CornerWish['shape'];
  readonly side: 'left' | 'right';
  /** The corner's true angle at this height, from inside, and two standard deviations of it. */
  readonly degrees: number;
  readonly sureDegrees: number;
  /** The angle it is cut to: to a tenth. */
  readonly cutDegrees: number;
  /** Along the back wall and along the side wall. */
  readonly backMm: number;
  readonly sideMm: number;
  /** Its front edge, straight from wall to wall or between its clipped ends; null for one that is round or an L. */
  readonly frontMm: number | null;
  readonly outline: readonly OutlinePoint[];
  /** What a mitred pair of back boards is bevelled by: half the corner's angle; and the tilt of the blade for it. */
  readonly mitreDegrees: number;
  readonly tiltDegrees: number;
  /**
   * Rails on both walls, hidden behind the front edge: their lengths, the side one beginning at the back one's face.
   */
  readonly rails: {
    readonly backMm: number;
    readonly sideMm: number;
    readonly setBackMm: number;
    readonly thicknessMm: number;
  };
  /** The widest gap along both walls, and how often caulk hides it, percent. */
  readonly worst: Range;
  readonly neatOdds: number;
  /** How far each wall most likely stands off its edge, at stations along the edge from the corner out. */
  readonly off: { readonly back: readonly StandOff[]; readonly side: readonly StandOff[] };
  /** The lowest shelf whose template serves for this one too: their angles agree within what caulk hides. */
  readonly sameAs: number | null;
}

/** How far a wall stands off an edge, at so much along it. */
export interface StandOff {
  readonly alongMm: number;
  readonly mm: number;
  /** Two standard deviations of that over the drawn walls. */
  readonly sureMm: number;
}

export interface CornerOptions {
  readonly opening: Walled;
  readonly side: 'left' | 'right';
  readonly upFrom: number;
  readonly upTo: number;
  readonly wish: CornerWish;
  /** Along the back wall. */
  readonly backMm: number;
  readonly railMm: number;
  /** How far a rail stays behind the front edge, millimetres; `SET_BACK_MM` if absent. */
  readonly setBackMm?: number;
  readonly samples: number;
}

const STATIONS = 7;
const DEGREES = 180 / Math.PI;
const SEED = 11;
/** Usual distance of a rail behind the front edge, millimetres. */
export const SET_BACK_MM = 30;
// A rounded front in so many straight pieces: off the curve by less than 0.05 mm on a 500 mm leg.
const ROUND_STEPS = 64;

type Pair = { readonly back: ArrayLike<number>; readonly side: ArrayLike<number> };

/**
 * Fits a corner shelf at its own height: both edges lie along the walls where those stand out (the tighter over its
 * thickness), so the corner's true angle is that between them. It is cut to a tenth of a degree. In each of many walls
 * drawn from the readings it is pushed home and turned until the widest gap along both is the least.
 */
export function fitCorner(options: CornerOptions): CornerFit {
  const { opening, side, upFrom, upTo, wish, backMm, railMm } = options;
  const [xs, ys] = [stations(0, backMm, STATIONS), stations(0, wish.side.mm, STATIONS)];
  // A corner on the right is seen in a mirror, so that it is one on the left.
  const mirror = side === 'left' ? 1 : -1;
  const layers = [upFrom, upTo];
  const points: SurfacePoint[] = [
    ...layers.flatMap((up) => xs.map((x): SurfacePoint => ({ surface: 'back', across: mirror * x, up }))),
    ...layers.flatMap((up) => ys.map((out): SurfacePoint => ({ surface: side, out, up }))),
  ];
  const tightest = (all: ArrayLike<number>): Pair => {
    const at = (from: number, sign: number) =>
      Float64Array.from({ length: STATIONS }, (_, i) =>
        Math.max(sign * (all[from + i] as number), sign * (all[from + STATIONS + i] as number)),
      );
    return { back: at(0, 1), side: at(2 * STATIONS, mirror) };
  };
  const joint = opening.jointly(points);
  const mean = tightest(joint.meanMm);
  const drawn = drawSamples(joint, options.samples, SEED).map(tightest);
  const angle = (walls: Pair) => angleBetween(lineOver(xs, walls.back).slope, lineOver(ys, walls.side).slope);
  const degrees = angle(mean);
  const angles = Float64Array.from(drawn, angle);
  const average = angles.reduce((sum, one) => sum + one, 0) / Math.max(angles.length, 1);
  const spread = Math.sqrt(angles.reduce((sum, one) => sum + (one - average) ** 2, 0) / Math.max(angles.length, 1));
  const cutDegrees = Math.round(degrees * 10) / 10;
  const outline = cornerOutline(wish, backMm, cutDegrees);
  // What is not cut truly square is shared by both edges.
  const off = (degrees - cutDegrees) / DEGREES / 2;
  const [back, along] = [lineOver(xs, mean.back), lineOver(ys, mean.side)];
  const cut = { back: xs.map((x) => (back.slope - off) * x), side: ys.map((y) => (along.slope - off) * y) };
  const worst = Float64Array.from(drawn, (walls) => pushedHome(xs, ys, cut, walls));
  return {
    shape: wish.shape,
    side,
    degrees,
    sureDegrees: 2 * spread,
    cutDegrees,
    backMm,
    sideMm: wish.side.mm,
    frontMm: frontOf(wish.shape, outline),
    outline: outline.map(([x, y]): OutlinePoint => [mirror * x, y]),
    mitreDegrees: cutDegrees / 2,
    tiltDegrees: 90 - cutDegrees / 2,
    rails: railsFor(outline, cutDegrees, railMm, options.setBackMm ?? SET_BACK_MM),
    worst: rangeOf(worst),
    neatOdds: (100 * worst.filter((one) => one <= HIDDEN_MM).length) / Math.max(worst.length, 1),
    off: {
      back: standOff(
        xs,
        mean.back,
        drawn.map((pair) => pair.back),
        back.slope - off,
      ),
      side: standOff(
        ys,
        mean.side,
        drawn.map((pair) => pair.side),
        along.slope - off,
      ),
    },
    sameAs: null,
  };
}

/** How far a wall stands off a straight edge of a slope that touches it, and how surely. */
function standOff(
  at: readonly number[],
  wall: ArrayLike<number>,
  drawn: readonly ArrayLike<number>[],
  slope: number,
): StandOff[] {
  const off = (face: ArrayLike<number>) => {
    const line = supporting(at, face, slope);
    return at.map((alongMm, i) => alongLine(line, alongMm) - (face[i] as number));
  };
  const all = drawn.map(off);
  const n = Math.max(all.length, 1);
  return off(wall).map((mm, i) => {
    const mean = all.reduce((sum, one) => sum + (one[i] as number), 0) / n;
    const variance = all.reduce((sum, one) => sum + ((one[i] as number) - mean) ** 2, 0) / n;
    return { alongMm: at[i] as number, mm, sureMm: 2 * Math.sqrt(variance) };
  });
}

/** The inner angle of a corner on the left whose back runs out by one slope and whose side wall leans by another. */
function angleBetween(back: number, side: number): number {
  return 90 - (Math.atan(back) + Math.atan(side)) * DEGREES;
}

/** The widest gap along both walls once a shelf is pushed home and turned for the best. */
function pushedHome(xs: readonly number[], ys: readonly number[], cut: Pair, walls: Pair): number {
  const range = (at: readonly number[], edge: ArrayLike<number>, wall: ArrayLike<number>, turn: number) => {
    let [most, least] = [-Infinity, Infinity];
    for (let i = 0; i < at.length; i += 1) {
      const off = (wall[i] as number) - (edge[i] as number) - turn * (at[i] as number);
      most = Math.max(most, off);
      least = Math.min(least, off);
    }
    return most - least;
  };
  const gap = (turn: number) => Math.max(range(xs, cut.back, walls.back, turn), range(ys, cut.side, walls.side, -turn));
  // Both ranges are convex in the turn: halve towards the lower side.
  let [from, to] = [-0.1, 0.1];
  for (let i = 0; i < 30; i += 1) {
    const [a, b] = [from + (to - from) * 0.382, from + (to - from) * 0.618];
    if (gap(a) <= gap(b)) to = b;
    else from = a;
  }
  return gap((from + to) / 2);
}

/**
 * The outline of a corner shelf from the corner along the back and round to the side wall: x along the back, the side
 * wall at the corner's angle from it. Corner on the left.
 */
export function cornerOutline({ shape, side, arm }: CornerWish, backMm: number, degrees: number): OutlinePoint[] {
  const turn = degrees / DEGREES;
  const [u, v]: [OutlinePoint, OutlinePoint] = [
    [1, 0],
    [Math.cos(turn), Math.sin(turn)],
  ];
  // Square to each wall, into the room.
  const [w, t]: [OutlinePoint, OutlinePoint] = [
    [0, 1],
    [Math.sin(turn), -Math.cos(turn)],
  ];
  const at = (...parts: [number, OutlinePoint][]): OutlinePoint => [
    parts.reduce((sum, [mm, one]) => sum + mm * one[0], 0),
    parts.reduce((sum, [mm, one]) => sum + mm * one[1], 0),
  ];
  const [a, b, c] = [backMm, side.mm, arm.mm];
  const home = at();
  switch (shape) {
    case 'triangle':
      return [home, at([a, u]), at([b, v])];
    case 'rounded':
      return [
        home,
        ...Array.from({ length: ROUND_STEPS + 1 }, (_, i) => {
          const share = (Math.PI / 2) * (i / ROUND_STEPS);
          return at([a * Math.cos(share), u], [b * Math.sin(share), v]);
        }),
      ];
    case 'clipped':
      return [home, at([a, u]), at([a, u], [c, w]), at([b, v], [c, t]), at([b, v])];
    case 'ell': {
      // Where the lines along both arms meet: as far from either wall.
      const inner = (c * (1 + Math.cos(turn))) / Math.sin(turn);
      return [home, at([a, u]), at([a, u], [c, w]), at([inner, u], [c, w]), at([b, v], [c, t]), at([b, v])];
    }
  }
}

function frontOf(shape: CornerWish['shape'], outline: readonly OutlinePoint[]): number | null {
  if (shape !== 'triangle' && shape !== 'clipped') return null;
  const [from, to] = shape === 'triangle' ? [outline[1], outline[2]] : [outline[2], outline[3]];
  return from && to ? Math.hypot(to[0] - from[0], to[1] - from[1]) : null;
}

/**
 * How far along the side wall the side rail begins: its square end clears the face of the back rail, which in a corner
 * of less than 90° it meets with its face towards the room.
 * @returns millimetres from the corner
 */
export function sideRailBegins(degrees: number, thicknessMm: number): number {
  const turn = degrees / DEGREES;
  return (thicknessMm * (1 + Math.max(Math.cos(turn), 0))) / Math.sin(turn);
}

/** How far rails may run along each wall: to where the front edge crosses their face, less the set-back. */
function railsFor(
  outline: readonly OutlinePoint[],
  degrees: number,
  thicknessMm: number,
  setBackMm: number,
): CornerFit['rails'] {
  const turn = degrees / DEGREES;
  const along = (points: readonly OutlinePoint[]) => crossingAt(points, thicknessMm).most;
  // Seen along the side wall the outline is the same, the other way about.
  const turned = outline.map(([x, y]): OutlinePoint => [
    x * Math.cos(turn) + y * Math.sin(turn),
    x * Math.sin(turn) - y * Math.cos(turn),
  ]);
  const back = along(outline) - setBackMm;
  const begins = sideRailBegins(degrees, thicknessMm);
  return {
    backMm: Math.max(back, 0),
    sideMm: Math.max(along(turned) - setBackMm - begins, 0),
    setBackMm,
    thicknessMm,
  };
}

/**
 * Names for each shelf a lower one whose template serves: the tip would be off by no more than caulk hides. A template
 * that is itself borrowed is not lent on.
 */
export function sharedTemplates(fits: readonly { readonly shelf: number; readonly fit: CornerFit }[]): CornerFit[] {
  const own: { readonly shelf: number; readonly fit: CornerFit }[] = [];
  return fits.map((one) => {
    const { fit, shelf } = one;
    const tip = (other: CornerFit) =>
      (Math.abs(fit.cutDegrees - other.cutDegrees) / DEGREES) * Math.max(fit.backMm, fit.sideMm);
    const lent = own.find((other) => other.fit.shape === fit.shape && tip(other.fit) <= HIDDEN_MM);
    if (!lent) own.push({ shelf, fit });
    return { ...fit, sameAs: lent?.shelf ?? null };
  });
}
