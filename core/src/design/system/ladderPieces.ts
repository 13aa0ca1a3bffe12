import { figure, less, type Figure } from '../../base/figure';
import { count, message } from '../../base/message';
import { wallKindOf } from '../../place/kinds';
import { floorAt } from '../../place/opening/floorAt';
import * as pieces from './pieces';
import type { Across, PartSpec, SystemInput } from './system';

export type LadderInput = SystemInput<'ladder-frames'>;
type Input = LadderInput;
type Shelf = Input['shelves'][number];

/** Depth of the deepest shelf, millimetres. */
export const deepest = ({ shelves, depthOf }: Pick<Input, 'shelves' | 'depthOf'>) =>
  Math.max(0, ...shelves.map(({ number }) => depthOf(number)));

// Frames keep so far from the side walls, which are crooked.
const FROM_WALL_MM = 10;
const FROM_SKIRTING_MM = 4;

/** How far frames and boards keep from a side wall, or from the skirting on it. Millimetres. */
function fromWall({ opening: { surfaces }, job: { place } }: Input, side: 'left' | 'right'): number {
  if (!surfaces.includes(side)) return 0;
  const skirting = wallKindOf(place, side) === 'panel' ? 0 : (place.skirting?.thickness.mm ?? 0);
  return Math.max(FROM_WALL_MM, skirting + FROM_SKIRTING_MM);
}

/** The boards’ stretch across. */
export function runOf(input: Input): Across {
  const { extent } = input.opening;
  return { fromMm: extent.left + fromWall(input, 'left'), toMm: extent.right - fromWall(input, 'right') };
}

/** Middles of the frames along the run, millimetres. */
export function framesOf(input: Input): number[] {
  const { asked } = input;
  const run = runOf(input);
  const [from, to] = [run.fromMm + asked.stickThickness.mm / 2, run.toMm - asked.stickThickness.mm / 2];
  const parts = Math.max(Math.ceil((to - from) / asked.apart.mm - 1e-9), 1);
  return Array.from({ length: parts + 1 }, (_, i) => from + ((to - from) * i) / parts);
}

function boardLength(input: Input): Figure {
  const { extent } = input.opening;
  const run = figure({ label: message('term.runLength'), mm: extent.right - extent.left });
  return less(run, message('term.endClear'), fromWall(input, 'left') + fromWall(input, 'right'));
}

/** How many slats, and the gap between them that comes out even. */
export function slatsOver(
  depthMm: number,
  widthMm: number,
  gapMm: number,
): { readonly count: number; readonly gapMm: number } {
  const n = Math.max(Math.floor((depthMm + gapMm) / (widthMm + gapMm) + 1e-9), 1);
  return { count: n, gapMm: n > 1 ? (depthMm - n * widthMm) / (n - 1) : 0 };
}

/**
 * From where to where out the deck of a shelf lies: between the rear and the front uprights, which pass it; the topmost
 * lies over them.
 */
export function deckOf({ number }: Shelf, input: Input): { readonly outFrom: number; readonly outTo: number } {
  const { asked, shelves } = input;
  const depthMm = input.depthOf(number);
  if (number === shelves.at(-1)?.number) return { outFrom: 0, outTo: depthMm };
  const wide = asked.stickWidth.mm;
  return {
    outFrom: wide + BESIDE_MM,
    outTo: Math.min(depthMm, deepest(input) - wide - BESIDE_MM),
  };
}
/** A deck slides in between the uprights with so much on either side, millimetres. */
const BESIDE_MM = 1;

/** Board, mesh or slats on the rungs of a shelf. */
export function boardsOf(shelf: Shelf, input: Input): PartSpec[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const deck = deckOf(shelf, input);
  const depthMm = deck.outTo - deck.outFrom;
  const across = runOf(input);
  const long = boardLength(input);
  const rule = () => ({ kind: 'given', figure: long, rounded: 'down' }) as const;
  const [board] = pieces.boardAndNosing({
    shelf,
    thicknessMm: wish.thickness.mm,
    depthMm,
    nosing: null,
    length: rule,
  }) as [PartSpec];
  const placed = { ...board, across, place: { ...board.place, ...deck } };
  if (asked.deck === 'boards') return [placed];
  if (asked.deck === 'mesh') return [{ ...placed, role: 'mesh', name: message('part.mesh'), label: `${n}M` }];
  const { count: slats, gapMm } = slatsOver(depthMm, asked.slatWidth.mm, asked.slatGap.mm);
  const width = figure({ label: message('term.slatWidth'), mm: asked.slatWidth.mm });
  return Array.from({ length: slats }, (_, i): PartSpec => {
    const outFrom = deck.outFrom + i * (asked.slatWidth.mm + gapMm);
    const place = { ...board.place, outFrom, outTo: outFrom + asked.slatWidth.mm };
    // The first stands for the shelf where one board would.
    return {
      ...board,
      id: i === 0 ? board.id : `S${n}-slat-${i + 1}`,
      role: i === 0 ? 'board' : 'slat',
      name: message('part.slat'),
      label: `${n}S`,
      width,
      place,
      across,
    };
  });
}

export const ENDS = ['rear', 'front'] as const;

/**
 * Two uprights and a rung for each shelf.
 * @param x middle of the frame across the opening, millimetres
 * @param index which frame, from 0 at the left
 */
export function framePieces(x: number, index: number, input: Input): PartSpec[] {
  const { asked, shelves, opening } = input;
  const { skirting } = input.job.place;
  const [thick, wide] = [asked.stickThickness.mm, asked.stickWidth.mm];
  const depthMm = deepest(input);
  const across = { fromMm: x - thick / 2, toMm: x + thick / 2 };
  // Under the topmost deck, which lies over the uprights.
  const highest = shelves.at(-1)?.underside ?? figure();
  const width = figure({ label: message('term.stickWidth'), mm: wide });
  const uprights = ENDS.map((end): PartSpec => {
    const [outFrom, outTo] = end === 'rear' ? [0, wide] : [depthMm - wide, depthMm];
    const floor = floorAt(input.opening, { across: x, out: (outFrom + outTo) / 2 });
    return {
      shelf: 0,
      id: `frame-${index + 1}-${end}`,
      role: 'upright',
      name: message(end === 'rear' ? 'part.upright.rear' : 'part.upright.front', { count: count(index + 1) }),
      label: `F${index + 1}${end === 'rear' ? 'R' : 'F'}`,
      thicknessMm: thick,
      width,
      place: { upFrom: floor, upTo: highest.mm, outFrom, outTo },
      across,
      upright: true,
      ...(end === 'rear' && skirting && opening.surfaces.includes('back')
        ? { joints: [{ kind: 'notched', deepMm: skirting.thickness.mm, highMm: skirting.height.mm }] as const }
        : {}),
      length: {
        kind: 'given',
        figure: less(figure({ label: message('term.undersideOf'), mm: highest.mm }), message('term.floorThere'), floor),
        rounded: 'down',
      },
    };
  });
  const rungs = shelves.map((shelf): PartSpec => ({
    shelf: shelf.number,
    id: `S${shelf.number}-rung-${index + 1}`,
    role: 'rung',
    name: message('part.rung'),
    label: `${shelf.number}G`,
    thicknessMm: thick,
    width,
    place: { upFrom: shelf.underside.mm - wide, upTo: shelf.underside.mm, outFrom: wide, outTo: depthMm - wide },
    across,
    length: {
      kind: 'given',
      figure: less(figure({ label: message('term.frameDepth'), mm: depthMm }), message('term.bothUprights'), 2 * wide),
      rounded: 'down',
    },
  }));
  return [...uprights, ...rungs];
}
