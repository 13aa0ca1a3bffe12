import type { Part } from '../fit';
import { add, times, unit, type Vector } from './vector';
import { alongBack, type Line, type LikelyWalls } from '../../place/opening';

/** Where a unit stands: the line of its back along the wall, y over x. Millimetres. */
export type Stand = Line;

/** A point given across, out and up in a unit, in the frame of the opening. */
export function inUnit({ at, slope }: Stand, [across, out, up]: Vector): Vector {
  const [right, front] = [unit([1, slope, 0]), unit([-slope, 1, 0])];
  return add(add([0, at, up], times(right, across)), times(front, out));
}

/** A direction of a unit in the frame of the opening. */
export function turnedIn({ slope }: Stand, [across, out, up]: Vector): Vector {
  const [right, front] = [unit([1, slope, 0]), unit([-slope, 1, 0])];
  return add(add(times(right, across), times(front, out)), [0, 0, up]);
}

/** The line along the back wall on which a unit stands. */
export function standOf(
  parts: readonly (Pick<Part, 'place' | 'across'> & Partial<Pick<Part, 'fit'>>)[],
  opening: LikelyWalls,
): Stand {
  const fitted = parts.find((part) => part.fit?.back)?.fit;
  if (fitted) return { at: fitted.seat.outMm, slope: fitted.seat.askew };
  const behind = parts.filter((part) => part.place.outFrom < BEHIND_MM);
  if (behind.length === 0 || !opening.surfaces.includes('back')) return { at: 0, slope: 0 };
  const [low, high] = [
    Math.min(...behind.map((part) => part.place.upFrom)),
    Math.max(...behind.map((part) => part.place.upTo)),
  ];
  const ups = high - low < LOW_MM ? [low, high] : [0, 1, 2, 3, 4].map((k) => low + ((high - low) * k) / 4);
  const { left, right } = opening.extent;
  const from = Math.min(...behind.map((part) => part.across?.fromMm ?? left));
  const to = Math.max(...behind.map((part) => part.across?.toMm ?? right));
  return alongBack(opening, { from, to }, ups);
}

/** What begins nearer to the back wall than this lies against it, millimetres. */
const BEHIND_MM = 1;
/** What is lower than this lies against the wall at its two edges, millimetres. */
const LOW_MM = 150;
