import { less, plus, type Figure } from '../../base/figure';
import { message } from '../../base/message';
import type { Opening, SurfacePoint } from '../../place/opening';
import { stations } from '../../place/kinds';

/** Posts that stand plumb before walls that do not: all boards between them are alike. Millimetres. */
export interface PlumbPosts {
  /** x of the posts' backs: each so far off where its wall reaches in the farthest as the least packing is thick. */
  readonly leftMm: number;
  readonly rightMm: number;
  /** From back to back. */
  readonly apart: Figure;
}

/** The least packing between a wall and a plumb post, millimetres: what is not known of the wall goes into it. */
const PACKING_MM = 6;
const UPS = 9;

interface Reach {
  /** From the foot of the posts to their top, and out from the back to the front of the last. */
  readonly fromMm: number;
  readonly toMm: number;
  readonly outsMm: readonly number[];
}

/** Where plumb posts stand between two walls. */
export function plumbBetween(opening: Opening, { fromMm, toMm, outsMm }: Reach): PlumbPosts {
  const inmost = (surface: 'left' | 'right') => {
    const inward = surface === 'left' ? 1 : -1;
    const all = stations(fromMm, toMm, UPS).flatMap((up) =>
      outsMm.map((out) => ({ point: { surface, out, up } as SurfacePoint, mm: opening.likely({ surface, out, up }) })),
    );
    return all.reduce((most, one) => (inward * one.mm > inward * most.mm ? one : most));
  };
  const [left, right] = [inmost('left'), inmost('right')];
  const apart = opening.between(left.point, right.point, message('term.plumbBetween'));
  return {
    leftMm: left.mm + PACKING_MM,
    rightMm: right.mm - PACKING_MM,
    apart: less(apart, message('term.packing'), 2 * PACKING_MM),
  };
}

/** What a board between plumb posts is long: let into both of them. */
export const betweenPlumb = ({ apart }: PlumbPosts, thickMm: number, intoMm: number): Figure =>
  plus(less(apart, message('term.posts'), 2 * thickMm), message('term.intoGrooves'), 2 * intoMm);

/** The most a plumb post stands off its wall over its height, millimetres. */
export function packedMost(
  opening: Opening,
  plumb: PlumbPosts,
  side: 'left' | 'right',
  { fromMm, toMm, outsMm }: Reach,
): number {
  const back = side === 'left' ? plumb.leftMm : plumb.rightMm;
  const gaps = stations(fromMm, toMm, UPS).flatMap((up) =>
    outsMm.map((out) => Math.abs(back - opening.likely({ surface: side, out, up }))),
  );
  return Math.ceil(Math.max(...gaps));
}
