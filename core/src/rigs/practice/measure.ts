import type { Instrument, SurfaceName } from '../../job';
import type { Random } from '../../base/random';
import { instrumentOf, usualSd, type Spot } from '../../place/reading';
import { statementsAt, type Setting, type Statement, type Where } from '../../place/survey';
import type { Room } from './room';

/**
 * What a spot truly measures in a room, signed.
 * @param levelLineUpMm height of the level line above the floor mark
 * @param out how far out the point of a triangle truly lies, millimetres; as asked when left away
 * @returns one number, two for a tape triangle: millimetres, or degrees for a corner
 */
export function trueValues(room: Room, spot: Spot, levelLineUpMm = 1000, out?: number): number[] {
  const setting: Setting = { extent: room.extent, levelLineUpMm };
  const where: Where = (surface, s, z) =>
    surface.startsWith('aux:')
      ? (out ?? ('outMm' in spot ? spot.outMm : 0))
      : room.position(surface as SurfaceName, s, z);
  return statementsAt(spot, 'true', setting).statements.map((statement) => valueOf(statement, where));
}

function valueOf(statement: Statement, where: Where): number {
  if (statement.kind === 'linear') {
    return statement.terms.reduce(
      (sum, term) => sum + term.weight * where(term.surface, term.s, term.z),
      statement.plus,
    );
  }
  const points = statement.points(where);
  return statement.value(points.map((point) => where(point.surface, point.s, point.z)));
}

/**
 * What an instrument would say there: the true values with the usual error of one reading.
 * @param levelLineUpMm height of the level line above the floor mark
 * @returns millimetres, or degrees for a corner
 */
export function readWithError(
  room: Room,
  spot: Spot,
  random: Random,
  levelLineUpMm = 1000,
  instrument: Instrument = instrumentOf(spot),
): number[] {
  const sd = usualSd(spot.kind, instrument);
  return trueValues(room, spot, levelLineUpMm).map((value) => value + sd * random.normal());
}
