import { newJob, typedLength, type Job, type Reading } from '../../job';
import { readingAt, senseOf, type Spot } from '../reading';
import { surveyOf, type Survey, type SurveyOptions } from './survey';

// For tests only: readings with exact values, and jobs that hold them.

/** A reading of exactly this signed value at a spot; `sd` how exact it is held to be. */
export function exactly(
  spot: Spot,
  value: number,
  id: string,
  more: { sd?: number; other?: number; verdict?: Reading['verdict'] } = {},
): Reading {
  const sense = senseOf(spot);
  const length = (mm: number) => typedLength(String(Number(mm.toFixed(6))), 'mm');
  return readingAt(spot, {
    id,
    unit: 'mm',
    value: spot.kind === 'corner' ? { degrees: value, typed: String(value) } : length(sense ? Math.abs(value) : value),
    other: more.other === undefined ? undefined : length(more.other),
    sense: sense ? sense.options[value < 0 ? 1 : 0] : undefined,
    sd: more.sd,
    verdict: more.verdict,
  });
}

/** An alcove, 1000 by 400 by 2400, or another place, with readings. */
export function jobOf(readings: readonly Reading[], change: Partial<Job> = {}): Job {
  const start = newJob({ id: 'test', name: 'Test', kind: change.place?.kind ?? 'alcove', units: 'mm' });
  const rough = {
    width: typedLength('1000', 'mm'),
    depth: typedLength('400', 'mm'),
    height: typedLength('2400', 'mm'),
  };
  return { ...start, place: { ...start.place, rough }, ...change, readings: [...readings] };
}

/** The survey of an alcove with readings. */
export const surveyWith = (readings: readonly Reading[], options?: SurveyOptions, change?: Partial<Job>): Survey =>
  surveyOf(jobOf(readings, change), options);

export const width = (at: 'front' | 'middle' | 'back', upMm: number): Spot => ({ kind: 'width', at, upMm });
