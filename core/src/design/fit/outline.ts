import type { BackEdge } from './back';
import type { Between } from './between';
import type { End } from './ends';
import { alongLine } from '../../place/opening/line';
import type { Pocket } from './pocket';

/** A corner of an outline, millimetres. */
export type OutlinePoint = readonly [x: number, y: number];

/**
 * The outline of a piece as it is cut, from its left back corner round by the back edge, the right end, the front edge
 * and the left end: x along its length, y over its face from the straight line it is marked from. A scribed back edge
 * lies behind that line.
 */
export function outlineOfPiece({ ps }: Pocket, { left, right }: Between, back: BackEdge | null): OutlinePoint[] {
  const origin = left.line.at;
  const behind = (x: number) => (back?.style === 'scribed' ? between(back.acrosses, back.profile, x) : 0);
  // A scribed back edge reaches behind the line: the ends are carried on to it.
  const endAt = (end: End, p: number) =>
    end.style === 'scribed' && p >= 0
      ? between(ps, end.profile, p)
      : alongLine(end.line, p) + (end.style === 'scribed' ? (end.profile[0] as number) - end.line.at : 0);
  const corner = (end: End): OutlinePoint => {
    const y = behind(endAt(end, 0));
    return [endAt(end, y) - origin, y];
  };
  const [start, stop] = [corner(left), corner(right)];
  const backs =
    back?.style === 'scribed'
      ? back.acrosses
          .map((x, i): OutlinePoint => [x - origin, back.profile[i] as number])
          .filter(([x]) => x > start[0] + 1 && x < stop[0] - 1)
      : [];
  const face = ps.at(-1) as number;
  const along = (end: End) => (end.style === 'scribed' ? ps.filter((p) => p > start[1] + 1 && p < face - 1) : []);
  const point =
    (end: End) =>
    (p: number): OutlinePoint => [endAt(end, p) - origin, p];
  return [
    start,
    ...backs,
    stop,
    ...along(right).map(point(right)),
    point(right)(face),
    point(left)(face),
    ...[...along(left)].reverse().map(point(left)),
  ];
}

/**
 * A value between stations, on a straight line; carried on level beyond them.
 * @param at the stations, millimetres, rising
 * @param values one for each station
 * @param x where it is wanted, millimetres
 * @returns in the unit of `values`
 */
export function between(at: readonly number[], values: ArrayLike<number>, x: number): number {
  const i = at.findIndex((one) => one >= x);
  if (i === 0) return values[0] as number;
  if (i < 0) return values[at.length - 1] as number;
  const share = (x - (at[i - 1] as number)) / ((at[i] as number) - (at[i - 1] as number));
  return (values[i - 1] as number) + share * ((values[i] as number) - (values[i - 1] as number));
}

/**
 * Where an outline crosses a line along x.
 * @param y the line, millimetres; held to where the outline is
 * @returns the least and the greatest x there, millimetres
 */
export function crossingAt(
  outline: readonly OutlinePoint[],
  y: number,
): { readonly least: number; readonly most: number } {
  const ys = outline.map((outlinePoint) => outlinePoint[1]);
  const at = Math.min(Math.max(y, Math.min(...ys)), Math.max(...ys));
  const xs = outline.flatMap(([x1, y1], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length] as OutlinePoint;
    if ((y1 - at) * (y2 - at) > 0) return [];
    return y1 === y2 ? [x1, x2] : [x1 + ((x2 - x1) * (at - y1)) / (y2 - y1)];
  });
  return { least: Math.min(...xs), most: Math.max(...xs) };
}

/** How far a point lies within an outline; negative outside it. Millimetres. */
export function clearOf(outline: readonly OutlinePoint[], [x, y]: OutlinePoint): number {
  let [least, within] = [Infinity, false];
  outline.forEach(([x1, y1], i) => {
    const [x2, y2] = outline[(i + 1) % outline.length] as OutlinePoint;
    const [dx, dy] = [x2 - x1, y2 - y1];
    const square = dx * dx + dy * dy;
    const share = square > 0 ? Math.min(Math.max(((x - x1) * dx + (y - y1) * dy) / square, 0), 1) : 0;
    least = Math.min(least, Math.hypot(x - x1 - share * dx, y - y1 - share * dy));
    if (y1 > y !== y2 > y && x < x1 + ((y - y1) / dy) * dx) within = !within;
  });
  return within ? least : -least;
}
