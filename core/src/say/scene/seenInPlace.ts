import type { Plan } from '../../plan';
import { outerCorners } from '../../design/body/corners';
import type { Solid } from '../../design/body/solid';
import type { Vector } from '../../design/body/vector';
import { sectionAt, wallAt } from '../../place/opening/outline';
import { drawnLevel, type Frame } from './elevationFrame';
import { hullOf } from './hull';
import type { Point } from './scene';

/** What lies this near to a side wall goes with that where it is drawn farther out than it is. Millimetres. */
export const BESIDE_MM = 60;

/** What stands this near to the floor stands on it, millimetres. */
const ON_FLOOR_MM = 30;

/** How a piece stands beside walls that lean: along them, plumb whatever they do, or plumb and packed off them. */
export type Standing = 'along' | 'plumb' | 'packed';

/** How a unit stands: cases, each in its bay, and a cavity's box plumb; posts that are to be plumb packed off walls. */
export function standingOf(unit: string): Standing {
  if (/(^|-)(case|box)$/.test(unit)) return 'plumb';
  return /(^|-)posts$/.test(unit) ? 'packed' : 'along';
}

/** Side walls that a piece goes with where they are drawn farther out than they are, by how it stands. */
export function wallsBeside(plan: Plan, standing: Standing): ((out: number, up: number) => number)[] {
  if (standing === 'plumb') return [];
  return standing === 'along' ? sideWalls(plan) : inmostWalls(plan);
}

/**
 * The outline of a solid as it is seen from the front, with walls and floor out of true as the drawing exaggerates
 * them: what lies against a wall stays against it, what stands on the floor stays on it. What is cut into the solid is
 * not seen.
 */
export function seenFromFront(solid: Solid, plan: Plan, frame: Frame, standing: Standing): Point[] {
  const corners = outerCorners(solid);
  if (frame.factor === 1 || standing === 'plumb') return hullOf(corners.map(([x, , z]): Point => [x, z]));
  const walls = wallsBeside(plan, standing);
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
  return (['left', 'right'] as const)
    .filter((side) => opening.sections[0]?.[side])
    .map((side) => (out: number, up: number) => wallAt(opening, sectionAt(opening, up)[side] ?? [], out));
}
