import type { Plan } from '../../plan';
import { outerCorners } from '../../design/body/corners';
import type { Solid } from '../../design/body/solid';
import type { Vector } from '../../design/body/vector';
import type { Estimate } from '../../place/opening';
import { sectionAt } from '../../place/opening/outline';
import type { Frame } from './elevationFrame';
import type { Point } from './scene';

/** What lies this near to a side wall goes with that where it is drawn farther out than it is. Millimetres. */
const BESIDE_MM = 60;

/**
 * The outline of a solid as it is seen from the front, with the side walls out of true as the drawing exaggerates them:
 * what lies against a wall stays against it. What is cut into the solid is not seen.
 * @param plumb a case stands plumb, however the walls beside it lean
 */
export function seenFromFront(solid: Solid, plan: Plan, frame: Frame, plumb: boolean): Point[] {
  const walls = plumb || frame.factor === 1 ? [] : sideWalls(plan);
  const drawn = ([x, y, z]: Vector): Point => {
    const near = walls.map((at) => at(y, z)).find((wall) => Math.abs(x - wall) < BESIDE_MM);
    return [near === undefined ? x : x + frame.across(near) - near, z];
  };
  return hullOf(outerCorners(solid).map(drawn));
}

/** Where each side wall is, by a distance from the back and a height. Millimetres. */
function sideWalls({ opening }: Plan): ((out: number, up: number) => number)[] {
  const at = (wall: readonly Estimate[], out: number): number => {
    const { outsMm } = opening;
    const above = Math.max(
      1,
      outsMm.findIndex((one) => one >= out),
    );
    const [from, to] = [outsMm[above - 1] ?? 0, outsMm[above] ?? outsMm.at(-1) ?? 0];
    const [a, b] = [wall[above - 1] ?? wall.at(-1), wall[above] ?? wall.at(-1)] as [Estimate, Estimate];
    const share = to > from ? Math.min(Math.max((out - from) / (to - from), 0), 1) : 0;
    return a.mm + share * (b.mm - a.mm);
  };
  return (['left', 'right'] as const)
    .filter((side) => opening.sections[0]?.[side])
    .map((side) => (out: number, up: number) => at(sectionAt(opening, up)[side] ?? [], out));
}

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
