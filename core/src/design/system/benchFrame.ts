import { figure, less, type Figure } from '../../base/figure';
import { message } from '../../base/message';
import type { FloorPoint } from '../../place/kinds/point';
import { floorAt } from '../../place/opening/floorAt';
import { insideWalls } from './along';
import type { Across, SystemInput } from './system';

export type BenchInput = SystemInput<'framed-bench'>;
type Input = BenchInput;
export type BenchShelf = Input['shelves'][number];
type Shelf = BenchShelf;

/** A frame seen from above: how deep, and where its sticks are. Millimetres. */
export interface Frame {
  readonly across: Across;
  readonly depthMm: number;
  readonly underMm: number;
  /** Middles of the inner joists, and of the posts, in the frame of the opening. */
  readonly joists: readonly number[];
  readonly posts: readonly number[];
}

/** The frame below a bench's top: what it spans, and where its joists and posts stand. */
export function frameOf(shelf: Shelf, input: Input): Frame {
  const { asked, opening, depthOf } = input;
  const depthMm = depthOf(shelf.number) - asked.edgeThickness.mm - asked.overhang.mm;
  const under = shelf.underside.mm;
  const free = insideWalls(opening, {
    upFrom: under - asked.frameHeight.mm,
    upTo: under,
    outFrom: 0,
    outTo: Math.max(depthMm, 0),
  });
  const across = {
    fromMm: free.fromMm + CUT_IN_PLACE_MM * Number(opening.surfaces.includes('left')),
    toMm: free.toMm - CUT_IN_PLACE_MM * Number(opening.surfaces.includes('right')),
  };
  const thick = asked.frameThickness.mm;
  const inner = { fromMm: across.fromMm + thick, toMm: across.toMm - thick };
  return {
    across,
    depthMm,
    underMm: shelf.underside.mm,
    joists: divided(inner, asked.joistApart.mm).slice(1, -1),
    // Under the rail, which begins beside the end joists.
    posts: divided(
      { fromMm: inner.fromMm + asked.post.mm / 2, toMm: inner.toMm - asked.post.mm / 2 },
      asked.postApart.mm,
    ),
  };
}
// An end joist is cut in place; until then so much is left beside it.
const CUT_IN_PLACE_MM = 3;

/** Even places from one end to the other, both included, no further apart than asked. */
function divided({ fromMm, toMm }: Across, apartMm: number): number[] {
  const parts = Math.max(Math.ceil((toMm - fromMm) / apartMm - 1e-9), 1);
  return Array.from({ length: parts + 1 }, (_, i) => fromMm + ((toMm - fromMm) * i) / parts);
}

/** A joist between both rails: the frame's depth less their thickness. */
export function joistLength({ asked }: Input, depthMm: number): Figure {
  const deep = figure({ label: message('term.frameDepth'), mm: depthMm });
  return less(deep, message('term.bothRails'), 2 * asked.frameThickness.mm);
}

/**
 * What a post stands on, above the floor mark, with its term: the floor, or the top of a bench below that reaches out
 * under it.
 */
export function underPost(input: Input, { number }: Pick<Shelf, 'number'>, at: FloorPoint): Figure {
  const below = [...input.shelves]
    .reverse()
    .find((shelf) => shelf.number < number && input.depthOf(shelf.number) >= at.out + input.asked.post.mm / 2);
  if (below) return figure({ label: message('term.topOfHeld'), mm: below.top.mm });
  return figure({ label: message('term.floorThere'), mm: floorAt(input.opening, at) });
}
