import type { BackStyle } from '../../job';
import { leastSquaresSlope } from '../../place/opening/line';
import { COMPARED, rangeOf, type Range } from './between';
import { backIn, type Pocket } from './pocket';

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
export function fitBack(pocket: Pocket, style: BackStyle): BackEdge | null {
  const { acrosses, mean, drawn } = pocket;
  if (!mean.back) return null;
  const askew = leastSquaresSlope(acrosses, mean.back);
  const along = (walls: Float64Array, slope: number) => walls.map((y, i) => y - slope * (acrosses[i] as number));
  const off = along(mean.back, askew);
  const outMm = Math.max(...off);
  const profile = Array.from(off, (y) => (style === 'straight' ? 0 : y - outMm));
  // Each drawn wall lies along its own line and is touched where it stands out beyond the edge.
  const tried = drawn.slice(0, COMPARED);
  const worst = new Float64Array(tried.length);
  const byPlace = new Float64Array(acrosses.length);
  tried.forEach((walls, k) => {
    const wall = backIn(walls, pocket);
    const slope = leastSquaresSlope(acrosses, wall);
    const lie = (i: number) => (wall[i] as number) - slope * (acrosses[i] as number) - (profile[i] as number);
    let touches = -Infinity;
    for (let i = 0; i < acrosses.length; i += 1) touches = Math.max(touches, lie(i));
    for (let i = 0; i < acrosses.length; i += 1) {
      const gap = touches - lie(i);
      byPlace[i] = (byPlace[i] as number) + gap;
      worst[k] = Math.max(worst[k] as number, gap);
    }
  });
  return {
    style,
    acrosses,
    profile,
    outMm,
    askew,
    worst: rangeOf(worst),
    atMm: acrosses[byPlace.indexOf(Math.max(...byPlace))] as number,
  };
}
