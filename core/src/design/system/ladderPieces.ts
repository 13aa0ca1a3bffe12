import { figure, less, type Figure } from '../../base/figure';
import { count, message } from '../../base/message';
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

/** The boards’ stretch across. */
export function runOf({ opening: { extent, surfaces } }: Pick<Input, 'opening'>): Across {
  return {
    fromMm: extent.left + FROM_WALL_MM * Number(surfaces.includes('left')),
    toMm: extent.right - FROM_WALL_MM * Number(surfaces.includes('right')),
  };
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
  const { extent, surfaces } = input.opening;
  const run = figure({ label: message('term.runLength'), mm: extent.right - extent.left });
  const walls = Number(surfaces.includes('left')) + Number(surfaces.includes('right'));
  return less(run, message('term.endClear'), FROM_WALL_MM * walls);
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

/** Board, mesh or slats on the rungs of a shelf. */
export function boardsOf(shelf: Shelf, input: Input): PartSpec[] {
  const { asked, wish } = input;
  const n = shelf.number;
  const depthMm = input.depthOf(n);
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
  if (asked.deck === 'boards') return [{ ...board, across }];
  if (asked.deck === 'mesh') return [{ ...board, role: 'mesh', name: message('part.mesh'), label: `${n}M`, across }];
  const { count: slats, gapMm } = slatsOver(depthMm, asked.slatWidth.mm, asked.slatGap.mm);
  const width = figure({ label: message('term.slatWidth'), mm: asked.slatWidth.mm });
  return Array.from({ length: slats }, (_, i): PartSpec => {
    const outFrom = i * (asked.slatWidth.mm + gapMm);
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
  const { asked, shelves } = input;
  const [thick, wide] = [asked.stickThickness.mm, asked.stickWidth.mm];
  const depthMm = deepest(input);
  const across = { fromMm: x - thick / 2, toMm: x + thick / 2 };
  const highest = shelves.at(-1)?.top ?? figure();
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
      length: {
        kind: 'given',
        figure: less(figure({ label: message('term.topShelf'), mm: highest.mm }), message('term.floorThere'), floor),
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
