import type { BackStyle } from '../../job';
import { leastSquaresSlope } from './line';
import { COMPARED, rangeOf, type Range } from './between';
import type { Pocket } from './pocket';

/** How a back edge lies along the back wall. */
export interface BackEdge {
  readonly style: BackStyle;
  /**
   * Stations across the opening, and how far the edge to be cut lies in front of the line it is marked from: the
   * straight line that touches the wall where it stands out. A scribed edge lies behind it: negative.
   */
  readonly acrosses: readonly number[];
  readonly profile: readonly number[];
  /** Where that line begins (y at x = 0), and how far it runs askew of the opening: mm per mm. */
  readonly outMm: number;
  readonly askew: number;
  /** The widest gap behind it. */
  readonly worst: Range;
  /** Where the widest is likely: x, millimetres. */
  readonly atMm: number;
}

/**
 * Lays a back edge along the wall. A straight one runs along the wall on the whole (least squares) and touches its
 * foremost point; a scribed one follows the most likely wall.
 * @returns null where the piece has no back
 */
export function fitBack({ acrosses, mean, drawn }: Pocket, style: BackStyle): BackEdge | null {
  if (!mean.back) return null;
  const askew = leastSquaresSlope(acrosses, mean.back);
  const along = (walls: Float64Array, slope: number) => walls.map((y, i) => y - slope * (acrosses[i] as number));
  const off = along(mean.back, askew);
  const outMm = Math.max(...off);
  const profile = Array.from(off, (y) => (style === 'straight' ? 0 : y - outMm));
  const gapsIn = (walls: Float64Array) => {
    const wall = along(walls, leastSquaresSlope(acrosses, walls));
    const lie = wall.map((y, i) => y - (profile[i] as number));
    const touches = Math.max(...lie);
    return lie.map((one) => touches - one);
  };
  const gaps = drawn.slice(0, COMPARED).map((walls) => gapsIn(walls.back as Float64Array));
  const byPlace = acrosses.map((_, i) => gaps.reduce((sum, gap) => sum + (gap[i] as number), 0));
  return {
    style,
    acrosses,
    profile,
    outMm,
    askew,
    worst: rangeOf(Float64Array.from(gaps, (gap) => Math.max(...gap))),
    atMm: acrosses[byPlace.indexOf(Math.max(...byPlace))] as number,
  };
}
