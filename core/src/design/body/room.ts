import type { Job, KeepClear } from '../../job';
import { marginOf, stations, wallKindOf } from '../../place/kinds';
import type { FixedWall } from '../system';
import { plainSolid } from './lie';
import type { Frame, Solid } from './solid';
import { times, unit, type Vector } from './vector';
import { alongBack, alongLine, alongSide, type LikelyWalls } from '../../place/opening';

/** Something of the room that is no wall: it must not be met, or is what screws bite into. */
export interface RoomThing {
  readonly id: string;
  readonly what: 'stud' | 'skirting' | 'chair-rail' | KeepClear['what'];
  readonly wall: FixedWall;
  readonly solid: Solid;
}

/** A surface of the room at even places: where it most likely is. Millimetres. */
export interface RoomSurface {
  readonly surface: LikelyWalls['surfaces'][number];
  /** Places along it: x of the back, the floor and the ceiling, y of a side wall. */
  readonly along: readonly number[];
  /** Places up it, or out from the back for floor and ceiling. */
  readonly beside: readonly number[];
  /** The third coordinate, for each place beside and along. */
  readonly mm: readonly (readonly number[])[];
}

/** The room a body stands in. Millimetres. */
export interface BodyRoom {
  readonly surfaces: readonly RoomSurface[];
  readonly things: readonly RoomThing[];
}

/** Sections of a stud behind a lining (assumed: sawn 38 by 89, a wall's height). Millimetres. */
export const STUD_MM = { wide: 38, deep: 89 } as const;
/** A keep-clear reaches so far out from its wall: a plug, a hand. Millimetres (assumed). */
const REACH_MM = 40;
const GRID = 5;

/** The room of a job: its surfaces as the survey has them, studs, skirting, chair rail and what is kept clear. */
export function roomOf(job: Pick<Job, 'place' | 'fixing'>, opening: LikelyWalls): BodyRoom {
  return { surfaces: opening.surfaces.map((surface) => surfaceOf(surface, opening)), things: thingsOf(job, opening) };
}

function surfaceOf(surface: RoomSurface['surface'], opening: LikelyWalls): RoomSurface {
  const { left, right, depth, height } = opening.extent;
  const across = stations(left, right, GRID);
  const out = stations(0, depth, GRID);
  const up = stations(0, height, GRID);
  if (surface === 'left' || surface === 'right')
    return {
      surface,
      along: out,
      beside: up,
      mm: up.map((z) => out.map((y) => opening.likely({ surface, out: y, up: z }))),
    };
  if (surface === 'back' || surface === 'front')
    return {
      surface,
      along: across,
      beside: up,
      mm: up.map((z) => across.map((x) => opening.likely({ surface, across: x, up: z }))),
    };
  return {
    surface,
    along: across,
    beside: out,
    mm: out.map((y) => across.map((x) => opening.likely({ surface, across: x, out: y }))),
  };
}

function thingsOf({ place, fixing }: Pick<Job, 'place' | 'fixing'>, opening: LikelyWalls): RoomThing[] {
  const { extent } = opening;
  const walls = (['left', 'back', 'right'] as const).filter((wall) => opening.surfaces.includes(wall));
  const long = (wall: FixedWall) => (wall === 'back' ? extent.right - extent.left : extent.depth);
  const studs = place.studs.flatMap(({ id, wall, from }): RoomThing[] => {
    if (!walls.includes(wall)) return [];
    const lining = wallKindOf(place, wall) === 'lined' ? fixing.lining.mm : 0;
    const solid = onWall(wall, opening, {
      from: from.mm - STUD_MM.wide / 2,
      to: from.mm + STUD_MM.wide / 2,
      low: 0,
      high: extent.height,
      outFrom: -lining - STUD_MM.deep,
      outTo: -lining,
    });
    return [{ id, what: 'stud', wall, solid }];
  });
  const { skirting, rail } = place;
  // The sides of cabinets have neither skirting nor rail.
  const trim = walls
    .filter((wall) => wallKindOf(place, wall) !== 'panel')
    .flatMap((wall): RoomThing[] => {
      const along = { from: 0, to: long(wall), outFrom: 0 };
      const foot = skirting && {
        id: `skirting-${wall}`,
        what: 'skirting' as const,
        wall,
        solid: onWall(wall, opening, { ...along, low: 0, high: skirting.height.mm, outTo: skirting.thickness.mm }),
      };
      const chair = rail && {
        id: `rail-${wall}`,
        what: 'chair-rail' as const,
        wall,
        solid: onWall(wall, opening, {
          ...along,
          low: rail.up.mm,
          high: rail.up.mm + rail.height.mm,
          outTo: rail.thickness.mm,
        }),
      };
      return [...(foot ? [foot] : []), ...(chair ? [chair] : [])];
    });
  const kept = place.keepClears.flatMap((keepClear): RoomThing[] => {
    const { id, what, wall, from, up, width, height } = keepClear;
    // Only screws keep clear of a hole.
    if (!walls.includes(wall) || what === 'hole') return [];
    const margin = marginOf(keepClear);
    const solid = onWall(wall, opening, {
      from: from.mm - margin,
      to: from.mm + width.mm + margin,
      low: up.mm - margin,
      high: up.mm + height.mm + margin,
      outFrom: 0,
      outTo: REACH_MM,
    });
    return [{ id, what, wall, solid }];
  });
  return [...studs, ...trim, ...kept];
}

interface OnWall {
  /** Along the wall from where it begins: its left end, a side wall its back corner. */
  readonly from: number;
  readonly to: number;
  readonly low: number;
  readonly high: number;
  /** From the wall's face into the room; negative behind it. */
  readonly outFrom: number;
  readonly outTo: number;
}

/** A box on a wall, or behind it. */
function onWall(wall: FixedWall, opening: LikelyWalls, { from, to, low, high, outFrom, outTo }: OnWall): Solid {
  const { left } = opening.extent;
  const sizes = [to - from, high - low, outTo - outFrom] as const;
  const ups = [low, high];
  if (wall === 'back') {
    const line = alongBack(opening, { from: left + from, to: left + to }, ups);
    const [along, forward]: [Vector, Vector] = [unit([1, line.slope, 0]), unit([-line.slope, 1, 0])];
    const origin: Vector = [left + from, alongLine(line, left + from) + outFrom, low];
    return plainSolid({ origin, along, across: [0, 0, 1], through: forward } satisfies Frame, sizes);
  }
  const line = alongSide(opening, wall, { from, to }, ups);
  const inward = wall === 'left' ? 1 : -1;
  const origin: Vector = [alongLine(line, from) + inward * outFrom, from, low];
  const frame: Frame = {
    origin,
    along: unit([line.slope, 1, 0]),
    across: [0, 0, 1],
    through: times(unit([1, -line.slope, 0]), inward),
  };
  return plainSolid(frame, sizes);
}
