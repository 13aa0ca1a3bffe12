import type { Reading } from '../job';
import { length, message, nested } from '../message';
import { doubtful, type Problem } from '../problem';
import { nameOf, spotOf } from './describe';

// A crooked wall departs by millimetres or a centimetre or two; more than this from its fellows is rather a slip.
const STANDS_OUT_MM = 60;

/**
 * Readings that lie so far from the others of their kind that a slip of the tape is likelier than the wall.
 * They are named, never dropped.
 */
export function checkReadings(readings: readonly Reading[]): Problem[] {
  return readings.flatMap((reading) => {
    const fellows = readings.filter((one) => one.kind === reading.kind && one.id !== reading.id);
    if (fellows.length < 2) return [];
    const usual = median(fellows.map((one) => one.value.mm));
    if (Math.abs(reading.value.mm - usual) <= STANDS_OUT_MM) return [];
    return [
      doubtful(
        { is: 'reading', id: reading.id },
        message('problem.readingStandsOut', {
          reading: nested(nameOf(spotOf(reading))),
          value: length(reading.value.mm),
          usual: length(usual),
        }),
      ),
    ];
  });
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  const upper = sorted[middle] ?? NaN;
  return sorted.length % 2 === 1 ? upper : ((sorted[middle - 1] ?? NaN) + upper) / 2;
}
