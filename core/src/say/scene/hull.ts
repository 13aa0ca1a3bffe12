import type { Point } from './scene';

/** The convex hull of points, counterclockwise (Andrew's monotone chain, 1979). */
export function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const turnsLeft = (a: Point, b: Point, c: Point) =>
    (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]) > 1e-9;
  const half = (all: readonly Point[]): Point[] => {
    const chain: Point[] = [];
    for (const point of all) {
      while (chain.length >= 2 && !turnsLeft(chain.at(-2) as Point, chain.at(-1) as Point, point)) chain.pop();
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half([...sorted].reverse())];
}
