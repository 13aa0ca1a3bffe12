import type { Job, Reading, SurfaceName, Trial } from '../../job';
import { extentOf, specOf, type Extent, type PlaceSpec } from '../kinds';
import { spotOf, type Spot } from '../reading';
import {
  adjust,
  factors,
  gaugeOf,
  solveWith,
  worstFirst,
  worstOf,
  type Adjusted,
  type Model,
  type Off,
} from './adjust';
import { judgedTrials } from './judgedTrials';
import type { TrialCheck } from './judgeTrials';
import { priorsOf, type Prior } from './prior';
import { learnErrors, repeatSums, type LearnedError } from './repeats';
import type { LeftOut, Solved } from './solve';
import { saidBy, surfacesOf, type Setting } from './statements';
import { trialStatements, type TrialStatements } from './trials';

/** What the survey makes of one reading. */
export interface ReadingCheck {
  readonly id: string;
  /**
   * `used`: it counts. `aside`: it disagrees too much and does not count. `dropped`: the person left it out.
   * `foreign`: it speaks of a wall this place does not have. `outside`: it speaks of a spot above the ceiling.
   */
  readonly state: 'used' | 'aside' | 'dropped' | 'foreign' | 'outside';
  /** What the other readings would have it be, in its own unit; null where it is foreign or outside. */
  readonly expected: number | null;
  /** Said less expected, and how surely that is known. */
  readonly off: number;
  readonly sd: number;
  /** How many standard deviations it is off. */
  readonly w: number;
  /** Another reading that disagrees as much, so that either may be the slip. */
  readonly against: string | null;
}

/** A solved opening: the readings adjusted to one another, with what is known and how well. */
export interface Survey {
  readonly spec: PlaceSpec;
  readonly extent: Extent;
  readonly setting: Setting;
  readonly surfaces: readonly SurfaceName[];
  readonly readings: readonly Reading[];
  readonly solved: Solved;
  readonly checks: readonly ReadingCheck[];
  /** What it makes of the notes of trial fits. */
  readonly trials: readonly TrialCheck[];
  readonly errors: readonly LearnedError[];
  /** Why the readings could not be solved, when they could not; walls are then only where they may be. */
  readonly failed: Adjusted['failed'];
}

export interface SurveyOptions {
  /** Changes what is held of the walls beforehand; for checking the solver against plain least squares. */
  readonly prior?: (prior: Prior) => Prior;
}

/**
 * Solves the opening from a job's readings. Never refuses for want of data: with nothing read, walls are where
 * such places have them, and nothing is sure.
 */
export function surveyOf(
  job: Pick<Job, 'place' | 'readings' | 'levelLine' | 'errors' | 'trials'>,
  options: SurveyOptions = {},
): Survey {
  const { place, readings } = job;
  const spec = specOf(place);
  const extent = extentOf(place, readings);
  const setting: Setting = { extent, levelLineUpMm: job.levelLine.up.mm };
  const surfaces = spec.surfaces(place);
  const priors = new Map(
    [...priorsOf(place, extent)].map(([name, prior]) => [name, options.prior ? options.prior(prior) : prior]),
  );
  const errors = learnErrors([...(job.errors ?? []), ...repeatSums(readings)]);
  const own = readings.filter(
    (reading) =>
      spec.readings.includes(reading.kind) &&
      surfacesOf(spotOf(reading), setting).every((name) => surfaces.includes(name)),
  );
  const inside = own.filter((reading) => !isAbove(spotOf(reading), extent));
  const counting = inside.filter((one) => one.verdict !== 'dropped');
  const gauge = gaugeOf(surfaces, extent);
  const bare: Model = { priors, gauge, setting, factor: factors(errors), trials: NONE };
  // Which readings are slips is for the readings to say: no note of a trial sets one aside.
  const { solved: byReadings, aside, failed } = adjust(bare, counting);
  const notes = surfaces.includes('left') && surfaces.includes('right') ? job.trials : [];
  const said = (trials: readonly Trial[]): Model => ({
    ...bare,
    trials: trialStatements(trials, extent, surfaces.includes('back')),
  });
  const used = counting.filter((one) => !aside.has(one.id));
  const judged =
    failed === 'not-solvable' ? null : judgedTrials(notes, byReadings, (trials) => solveWith(said(trials), used));
  const solved = judged?.solved ?? byReadings;
  const model = judged ? said(judged.counting) : bare;
  const left = leftOutByReading(solved);
  return {
    spec,
    extent,
    setting,
    surfaces,
    readings,
    solved,
    errors,
    failed,
    trials: judged?.checks ?? [],
    checks: readings.map((reading) =>
      inside.includes(reading)
        ? checkOf(reading, left.get(reading.id), model, solved, aside)
        : uncounted(reading.id, own.includes(reading) ? 'outside' : 'foreign'),
    ),
  };
}

/** Whether a spot lies higher than the ceiling, where that was measured. */
function isAbove(spot: Spot, { height, measured }: Extent): boolean {
  const upMm = ('upMm' in spot ? spot.upMm : 0) + (spot.kind === 'plumb' ? spot.overMm : 0);
  return measured.height && upMm > height + ABOVE_MM;
}
/** Ceilings slope, and a tape is held near them: what lies this much higher is no spot of the place. Millimetres. */
const ABOVE_MM = 50;

const NONE: TrialStatements = { observations: [], aux: [] };

type LeftByReading = Map<string, readonly LeftOut[]>;

/** What is left of each reading, statement by statement in its own order. */
function leftOutByReading(solved: Solved): LeftByReading {
  const byReading: LeftByReading = new Map();
  for (const one of solved.leftOut()) {
    if (one.reading) byReading.set(one.reading, [...(byReading.get(one.reading) ?? []), one]);
  }
  return byReading;
}

function checkOf(
  reading: Reading,
  left: readonly LeftOut[] | undefined,
  model: Model,
  solved: Solved,
  aside: ReadonlyMap<string, string | null>,
): ReadingCheck {
  const { id } = reading;
  const against = aside.get(id) ?? null;
  if (!left) {
    return {
      id,
      state: reading.verdict === 'dropped' ? 'dropped' : 'aside',
      against,
      ...worstOf(reading, model, solved),
    };
  }
  const offs = left.map(({ off, sd }, i): Off => {
    const said = saidBy(reading)[i] as number;
    return { expected: said - off, off, sd, w: Math.abs(off) / sd };
  });
  return { id, state: 'used', against, ...worstFirst(offs) };
}

/** A reading that counts for nothing here. */
function uncounted(id: string, state: 'foreign' | 'outside'): ReadingCheck {
  return { id, state, expected: null, off: 0, sd: 0, w: 0, against: null };
}
