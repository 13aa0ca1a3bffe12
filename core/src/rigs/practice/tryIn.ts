import { lieOf, liesFor, MOVED_MM, pocketOf, seatAtBest, type Between, type End } from '../../design/fit';
import type { Band } from '../../place/opening';
import type { Room } from './room';
import { openingOfRoom } from './trueOpening';

/** A board as it was cut, whoever decided so: both ends over its depth, x in the opening. */
export interface CutBoard {
  readonly band: Band;
  /** x of each end at p from the back edge, millimetres; any shift of both is allowed. */
  readonly left: (p: number) => number;
  readonly right: (p: number) => number;
}

export interface Tried {
  readonly goesIn: boolean;
  readonly worstGapMm: number;
}

// As finely as a wall's roughness asks.
const EVERY_MM = 10;
const LEVELS = 4;

/**
 * Carries a board to the room it was cut for: whether some small move of it goes in, and the widest gap then seen at
 * its ends from above. Stations stand every 10 mm and at four levels of its thickness.
 */
export function tryIn(room: Room, { band, left, right }: CutBoard): Tried {
  const at = Math.ceil((band.outTo - band.outFrom) / EVERY_MM) + 1;
  const pocket = pocketOf(openingOfRoom(room), band, {
    stance: 'flat',
    samples: 0,
    seed: 1,
    stations: at,
    layers: LEVELS,
  });
  const end = (side: 'left' | 'right', x: (p: number) => number): End => ({
    side,
    style: 'scribed',
    offsetMm: 0,
    undercut: 0,
    line: { at: x(0), slope: 0 },
    profile: Float64Array.from(pocket.ps, x),
  });
  const { tight, seen } = lieOf(pocket, pocket.likely, end('left', left), end('right', right), liesFor(pocket));
  const wide = right(0) - left(0);
  const seat = seatAtBest(pocket.ps, tight, seen, (2 * MOVED_MM) / wide);
  return { goesIn: seat.goesIn, worstGapMm: seat.worstGapMm };
}

/** A fitted board as it is carried to the room. */
export function carried(band: Band, { left, right }: Between): CutBoard {
  const along = (end: End) => (p: number) => end.line.at + end.line.slope * p;
  return { band, left: along(left), right: along(right) };
}
