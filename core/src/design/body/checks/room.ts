import { choice, length, message } from '../../../base/message';
import type { SurfaceName } from '../../../job';
import { apart, near } from '../apart';
import { SHARED_MM } from '../meetings';
import { cornersOfSolid, placedOf } from '../solid';
import type { Vector } from '../vector';
import type { LikelyWalls } from '../../../place/opening';
import { broken, namedIn, saidOf, toCheck, type Checked, type Finding } from './finding';

/**
 * A straight piece on a crooked wall stands in it by no more than this where the wall is out beside it: so much is
 * planed off, or packed out on the other side. Millimetres.
 */
export const IN_WALL_MM = 6;
/** In the floor and the ceiling there is nothing to plane. Millimetres. */
const IN_FLOOR_MM = 2;

/** Pieces that stand in what must stay clear: the skirting, a chair rail, an outlet. */
export function thingsMet(built: Checked): Finding[] {
  const things = built.body.room.things
    .filter(({ what }) => what !== 'stud')
    .map((thing) => ({ thing, placed: placedOf(thing.solid) }));
  return [...built.standing.values()].flatMap((standing) => {
    const named = namedIn(built, standing.id);
    if (!named) return [];
    return things.flatMap(({ thing, placed }): Finding[] => {
      if (!near(standing.placed.bounds, placed.bounds, -SHARED_MM)) return [];
      const deepMm = Math.max(
        ...standing.placed.parts.flatMap((part) => placed.parts.map((other) => -apart(part, other, SHARED_MM).mm)),
      );
      if (deepMm <= IN_WALL_MM) return [];
      const said = { ...saidOf(named), deep: length(deepMm), what: choice(thing.what), wall: choice(thing.wall) };
      return [toCheck(message('body.meetsThing', said), deepMm, named)];
    });
  });
}

const SURFACES = ['left', 'right', 'back', 'floor', 'ceiling'] as const satisfies readonly SurfaceName[];

/** How far a point stands in a surface of the room; negative for one in front of it. Millimetres. */
function inSurface(surface: SurfaceName, [x, y, z]: Vector, opening: LikelyWalls): number {
  // In front of the opening there are no walls.
  if (y > opening.extent.depth && surface !== 'back') return -Infinity;
  switch (surface) {
    case 'left':
      return opening.likely({ surface, out: Math.max(y, 0), up: z }) - x;
    case 'right':
      return x - opening.likely({ surface, out: Math.max(y, 0), up: z });
    case 'back':
      return opening.likely({ surface, across: x, up: z }) - y;
    case 'floor':
      return opening.likely({ surface, across: x, out: y }) - z;
    case 'ceiling':
      return z - opening.likely({ surface, across: x, out: y });
    default:
      return -Infinity;
  }
}

/**
 * Pieces that stand in a wall, the floor or the ceiling farther than is planed off. Trim lies before the walls, and has
 * words of its own where it is too wide.
 */
export function wallsMet(built: Checked): Finding[] {
  const { opening } = built;
  const { left, right, height } = opening.extent;
  // Only what comes near a surface is asked of it: walls are out of true by less than this.
  const isNear: Readonly<Record<(typeof SURFACES)[number], (point: Vector) => boolean>> = {
    left: ([x]) => x < left + OUT_MM,
    right: ([x]) => x > right - OUT_MM,
    back: ([, y]) => y < OUT_MM,
    floor: ([, , z]) => z < OUT_MM,
    ceiling: ([, , z]) => z > height - OUT_MM,
  };
  const walls = SURFACES.filter((surface) => opening.surfaces.includes(surface));
  return built.body.pieces
    .filter(({ role }) => role !== 'trim')
    .flatMap((piece) => {
      const placed = built.standing.get(piece.id)?.placed;
      if (!placed) return [];
      const corners = cornersOfSolid(placed);
      return walls.flatMap((surface): Finding[] => {
        const deepMm = Math.max(
          ...corners.filter(isNear[surface]).map((corner) => inSurface(surface, corner, opening)),
        );
        const level = surface === 'floor' || surface === 'ceiling';
        if (deepMm <= (level ? IN_FLOOR_MM : IN_WALL_MM)) return [];
        const said = { ...saidOf(piece), deep: length(deepMm), wall: choice(surface) };
        return [broken(message('body.inWall', said), deepMm, piece)];
      });
    });
}
const OUT_MM = 60;
