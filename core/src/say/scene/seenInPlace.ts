import type { Plan } from '../../plan';
import { outerCorners } from '../../design/body/corners';
import type { Solid } from '../../design/body/solid';
import type { Vector } from '../../design/body/vector';
import type { Estimate } from '../../place/opening';
import { sectionAt } from '../../place/opening/outline';
import { drawnLevel, type Frame } from './elevationFrame';
import type { Point } from './scene';

/** What lies this near to a side wall goes with that where it is drawn farther out than it is. Millimetres. */
const BESIDE_MM = 60;

/** What stands this near to the floor stands on it, millimetres. */
const ON_FLOOR_MM = 30;

/** How a piece stands beside walls that lean: along them, plumb whatever they do, or plumb and packed off them. */
export type Standing = 'along' | 'plumb' | 'packed';

/**
 * The outline of a solid as it is seen from the front, with walls and floor out of true as the drawing exaggerates
 * them: what lies against a wall stays against it, what stands on the floor stays on it. What is cut into the solid is
 * not seen.
 */
export function seenFromFront(solid: Solid, plan: Plan, frame: Frame, standing: Standing): Point[] {
  const corners = outerCorners(solid);
  if (frame.factor === 1 || standing === 'plumb') return hullOf(corners.map(([x, , z]): Point => [x, z]));
  const walls = standing === 'along' ? sideWalls(plan) : inmostWalls(plan);
  const floor = floorOf(plan, frame);
  const drawn = ([x, y, z]: Vector): Point => {
    const near = walls.map((at) => at(y, z)).find((wall) => Math.abs(x - wall) < BESIDE_MM);
    const under = floor(x);
    return [
      near === undefined ? x : x + frame.across(near) - near,
      under && Math.abs(z - under.mm) < ON_FLOOR_MM ? z + under.drawnMm - under.mm : z,
    ];
  };
  return hullOf(corners.map(drawn));
}

/** Where the floor is at a place across, and where it is drawn; null where nothing is known of it. */
function floorOf(
  plan: Plan,
  frame: Frame,
): (across: number) => { readonly mm: number; readonly drawnMm: number } | null {
  const stations = plan.opening.levels.flatMap(({ acrossMm, floor }, i) =>
    floor ? [{ acrossMm, mm: floor.mm, drawnMm: drawnLevel(plan, frame, 'floor', i) }] : [],
  );
  return (across) => {
    const next = stations.findIndex((station) => station.acrossMm >= across);
    const [from, to] = [stations[next - 1] ?? stations.at(-1), stations[next] ?? stations.at(-1)];
    if (!from || !to) return null;
    if (next <= 0) return next === 0 ? to : from;
    const share = (across - from.acrossMm) / (to.acrossMm - from.acrossMm);
    return { mm: from.mm + share * (to.mm - from.mm), drawnMm: from.drawnMm + share * (to.drawnMm - from.drawnMm) };
  };
}

/** Where each side wall reaches in the most, at any height: what is packed off it stands off that. Millimetres. */
function inmostWalls({ opening }: Plan): (() => number)[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const all = opening.sections.flatMap((section) => (section[side] ?? []).map(({ mm }) => mm));
    if (all.length === 0) return [];
    const inmost = side === 'left' ? Math.max(...all) : Math.min(...all);
    return [() => inmost];
  });
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
