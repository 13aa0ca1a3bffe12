import type { OutlinePoint } from '../../design/fit';

/**
 * Two shapes head to tail in one blank: how large it is, and how far the second, turned half round, stands along it.
 */
export interface NestedPair {
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly shiftMm: number;
}

const LEVELS = 240;
const ROUND = 24;

/**
 * Two corner shelves nested in one blank: the second turned half round and pushed along until only the kerf is between
 * them. Any shape that has, at every level, one stretch of wood. Millimetres.
 */
export function nestPair(first: readonly OutlinePoint[], second: readonly OutlinePoint[], kerfMm: number): NestedPair {
  const a = atOrigin(first);
  const widthMm = Math.max(sizeOf(a)[1], sizeOf(second)[1]);
  const [long] = sizeOf(second);
  const b = turnedRound(second, widthMm);
  let shiftMm = 0;
  for (let i = 0; i <= LEVELS; i += 1) {
    const y = (widthMm * i) / LEVELS;
    const [, right] = crossings(a, y);
    if (right === -Infinity) continue;
    // What lies within a kerf of it, above and below, has to stay as far away as the rest of the kerf.
    for (let k = 0; k <= ROUND; k += 1) {
      const up = kerfMm * (-1 + (2 * k) / ROUND);
      const [left] = crossings(b, y + up);
      if (left !== Infinity) shiftMm = Math.max(shiftMm, right + Math.sqrt(Math.max(kerfMm ** 2 - up ** 2, 0)) - left);
    }
  }
  return { lengthMm: Math.max(sizeOf(a)[0], shiftMm + long), widthMm, shiftMm };
}

/** A shape turned half round, its foot at the blank's far edge. */
function turnedRound(points: readonly OutlinePoint[], widthMm: number): OutlinePoint[] {
  const [long] = sizeOf(points);
  return atOrigin(points).map(([x, y]): OutlinePoint => [long - x, widthMm - y]);
}

/** What is marked on a blank of corner shelves: one outline from its corner, or two head to tail. */
export function outlinesOn(
  outlines: readonly (readonly OutlinePoint[])[],
  { widthMm, shiftMm = 0 }: { widthMm: number; shiftMm?: number },
): OutlinePoint[][] {
  return outlines.map((outline, i) =>
    i === 0 ? atOrigin(outline) : turnedRound(outline, widthMm).map(([x, y]): OutlinePoint => [x + shiftMm, y]),
  );
}

function sizeOf(points: readonly OutlinePoint[]): [number, number] {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  return [Math.max(...xs) - Math.min(...xs), Math.max(...ys) - Math.min(...ys)];
}

function atOrigin(points: readonly OutlinePoint[]): OutlinePoint[] {
  const [x0, y0] = [Math.min(...points.map(([x]) => x)), Math.min(...points.map(([, y]) => y))];
  return points.map(([x, y]) => [x - x0, y - y0]);
}

/** First and last place where an outline crosses a level, millimetres; infinite where it does not cross. */
function crossings(points: readonly OutlinePoint[], y: number): readonly [first: number, last: number] {
  let [first, last] = [Infinity, -Infinity];
  const cross = (x: number) => {
    if (x < first) first = x;
    if (x > last) last = x;
  };
  for (let i = 0; i < points.length; i += 1) {
    const [x1, y1] = points[i]!;
    const [x2, y2] = points[(i + 1) % points.length]!;
    if (y < Math.min(y1, y2) - 1e-9 || y > Math.max(y1, y2) + 1e-9) continue;
    if (Math.abs(y2 - y1) < 1e-9) {
      cross(x1);
      cross(x2);
    } else cross(x1 + ((y - y1) / (y2 - y1)) * (x2 - x1));
  }
  return [first, last];
}
