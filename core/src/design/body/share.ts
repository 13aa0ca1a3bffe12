import type { Stretch } from './convex';
import type { Stander } from './screws';
import { cornersOfSolid, inFrame } from './solid';

/**
 * The stretch of a piece's length over which another lies on it or beside it: where screws from one reach the other.
 * @returns millimetres in the coordinates its holes are told in; null where either is not there
 */
export function sharedAlong(standing: ReadonlyMap<string, Stander>, through: string, into: string): Stretch | null {
  const [one, other] = [standing.get(through), standing.get(into)];
  if (!one || !other) return null;
  const along = cornersOfSolid(other.placed).map((corner) => inFrame(one.solid.frame, corner)[0]);
  const fromMm = Math.max(Math.min(...along), 0) - one.zero[0];
  const toMm = Math.min(Math.max(...along), one.solid.lengthMm) - one.zero[0];
  return toMm > fromMm ? { fromMm, toMm } : null;
}
