import type { Job, Reading, SurfaceName, Trial } from '../job';
import { extentOf, floorMark, specOf, type Extent, type PlaceSpec } from '../place';
import { instrumentOf, spotOf } from '../reading';
import { at as position, sum, times, type FieldName } from './functional';
import { meantBy, widerThanPlay, type TrialCheck, type TrialOff } from './judgeTrials';
import { priorsOf, type Prior } from './prior';
import { learnErrors, repeatSums, type LearnedError } from './repeats';
import { NotSolvable, solve, type LeftOut, type Observation, type Solved } from './solve';
import { trialStatements, type TrialStatements } from './trials';
import { saidBy, sdOf, statementsAt, surfacesOf, type Aux, type Setting } from './statements';

/** What the survey makes of one reading. */
export interface ReadingCheck {
  readonly id: string;
  /**
   * `used`: it counts. `aside`: it disagrees too much and does not count. `dropped`: the person left it out.
   * `foreign`: it speaks of a wall this place does not have.
   */
  readonly state: 'used' | 'aside' | 'dropped' | 'foreign';
  /** What the other readings would have it be, in its own unit; null when it is foreign. */
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
  readonly failed: 'not-solvable' | 'not-settled' | null;
}

/** A reading this many standard deviations off is a suspect (Baarda's data snooping at about 0.1 %). */
export const SUSPECT = 3.3;
/** One that was set aside comes back when the others, as they are at last, would have it within this. */
const WELCOME_BACK = 2.5;
/** Two that are off by nearly as much: either may be the slip. */
const NEARLY_AS_MUCH = 0.9;
/** A note that one slip of the finger explains is asked about from here on. */
const LIKE_A_SLIP = 2;
// More than this share of all readings is not a slip but a mess; the rest stays in, and says so.
const MOST_ASIDE = 0.34;

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
    (one) =>
      spec.readings.includes(one.kind) && surfacesOf(spotOf(one), setting).every((name) => surfaces.includes(name)),
  );
  const counting = own.filter((one) => one.verdict !== 'dropped');
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
      own.includes(reading) ? checkOf(reading, left.get(reading.id), model, solved, aside) : foreign(reading.id),
    ),
  };
}

const NONE: TrialStatements = { observations: [], aux: [] };

interface Judged {
  readonly solved: Solved;
  readonly counting: readonly Trial[];
  readonly checks: readonly TrialCheck[];
}

/**
 * Notes of trial fits are readings that can be slips. One that contradicts the readings, or the other notes with them,
 * does not count until the person has confirmed it: the worst goes first, and the rest is looked at again.
 */
function judgedTrials(
  notes: readonly Trial[],
  byReadings: Solved,
  solveFor: (trials: readonly Trial[]) => Solved,
): Judged | null {
  if (notes.length === 0) return null;
  const asked = new Map<string, TrialOff>();
  for (;;) {
    const counting = notes.filter((one) => !asked.has(one.id));
    const solved = solvable(() => solveFor(counting));
    if (!solved) return null;
    const open = counting.filter((one) => one.verdict !== 'kept');
    const loose = open.flatMap((one) => widerThanPlay(one, byReadings) ?? []);
    const worst = worstTrial(open, loose) ?? worstTrial(open, contradicting(open, solved));
    if (worst) {
      asked.set(worst.id, worst);
      continue;
    }
    const checks = notes.map((one): TrialCheck => {
      const off = asked.get(one.id);
      if (!off) return { id: one.id, state: 'used', expectedMm: null, meantMm: null };
      return {
        id: one.id,
        state: 'asked',
        expectedMm: off.expectedMm,
        meantMm: one.is === 'gap' ? meantBy(one, off) : null,
      };
    });
    return { solved, counting, checks };
  }
}

/** What is solved; null where it cannot be. */
function solvable(solveIt: () => Solved): Solved | null {
  try {
    return solveIt();
  } catch (error) {
    if (error instanceof NotSolvable) return null;
    throw error;
  }
}

/** Notes by how far they are off from what the readings and the other notes say. */
function contradicting(notes: readonly Trial[], solved: Solved): TrialOff[] {
  return solved.leftOut().flatMap(({ trial, off, sd }): TrialOff[] => {
    const note = notes.find((one) => one.id === trial);
    if (!note) return [];
    return [{ id: note.id, w: Math.abs(off) / sd, expectedMm: Math.max(note.value.mm - off, 0), sdMm: sd }];
  });
}

/** The worst of notes that are off by too much; less is too much where one slip of the finger explains it. */
function worstTrial(notes: readonly Trial[], offs: readonly TrialOff[]): TrialOff | null {
  const tooMuch = offs.filter((off) => {
    const note = notes.find((one) => one.id === off.id);
    return off.w > (note?.is === 'gap' && meantBy(note, off) !== null ? LIKE_A_SLIP : SUSPECT);
  });
  return tooMuch.sort((a, b) => b.w - a.w)[0] ?? null;
}

interface Model {
  readonly trials: TrialStatements;
  readonly priors: ReadonlyMap<FieldName, Prior>;
  readonly gauge: readonly Observation[];
  readonly setting: Setting;
  /** How many times the usual error a reading's is. */
  readonly factor: (reading: Reading) => number;
}

// What fixes the frame is held to this, millimetres.
const GAUGE_SD_MM = 0.02;

/** What the frame hangs on: x = 0 between the walls (or at the one), z = 0 at the floor mark. */
function gaugeOf(surfaces: readonly SurfaceName[], extent: Extent): Observation[] {
  const mid = (side: 'left' | 'right') => position(side, extent.depth / 2, extent.height / 2);
  const sides = (['left', 'right'] as const).filter((side) => surfaces.includes(side));
  const across =
    sides.length === 2
      ? [times(0.5, sum(mid('left'), mid('right')))]
      : sides.map((side) => position(side, 0, extent.height / 2));
  const mark = floorMark(extent);
  const up = surfaces.includes('floor') ? [position('floor', mark.across, mark.out)] : [];
  return [...across, ...up].map((terms) => ({
    statement: { is: 'linear', terms, plus: 0 },
    said: 0,
    sd: GAUGE_SD_MM,
    reading: null,
  }));
}

function factors(errors: readonly LearnedError[]) {
  return (reading: Reading) =>
    reading.sd === undefined ? (errors.find((one) => one.instrument === instrumentOf(reading))?.factor ?? 1) : 1;
}

function observationsOf(reading: Reading, { setting, factor }: Model): { all: Observation[]; aux: readonly Aux[] } {
  const { statements, aux } = statementsAt(spotOf(reading), reading.id, setting);
  const said = saidBy(reading);
  const sd = sdOf(reading) * factor(reading);
  return {
    all: statements.map((statement, i) => ({ statement, said: said[i] as number, sd, reading: reading.id })),
    aux,
  };
}

function solveWith(model: Model, readings: readonly Reading[]): Solved {
  const parts = readings.map((one) => observationsOf(one, model));
  return solve({
    priors: model.priors,
    aux: [...model.trials.aux, ...parts.flatMap((one) => one.aux)],
    observations: [...model.gauge, ...model.trials.observations, ...parts.flatMap((one) => one.all)],
  });
}

interface Adjusted {
  readonly solved: Solved;
  /** Ids of readings set aside, each with the one that was off by nearly as much. */
  readonly aside: ReadonlyMap<string, string | null>;
  readonly failed: Survey['failed'];
}

/**
 * Solves, sets the worst suspect aside, solves again, until none is left; then takes back what the rest, cleared of
 * the slips, agrees with after all. Baarda, A testing procedure for use in geodetic networks (1968).
 */
function adjust(model: Model, readings: readonly Reading[]): Adjusted {
  const aside = new Map<string, string | null>();
  try {
    let solved = solveWith(model, readings);
    const most = Math.max(1, Math.floor(readings.length * MOST_ASIDE));
    const kept = new Set(readings.filter((one) => one.verdict === 'kept').map((one) => one.id));
    while (aside.size < most) {
      const found = suspects(solved, kept);
      if (found.length === 0) break;
      for (const [id, against] of found.slice(0, most - aside.size)) aside.set(id, against);
      solved = solveWith(
        model,
        readings.filter((one) => !aside.has(one.id)),
      );
    }
    const back = readings.filter((one) => {
      if (!aside.has(one.id)) return false;
      return worstOf(one, model, solved).w < WELCOME_BACK;
    });
    if (back.length > 0) {
      back.forEach((one) => aside.delete(one.id));
      solved = solveWith(
        model,
        readings.filter((one) => !aside.has(one.id)),
      );
    }
    return { solved, aside, failed: solved.settled ? null : 'not-settled' };
  } catch (error) {
    if (!(error instanceof NotSolvable)) throw error;
    return {
      solved: solve({ priors: model.priors, aux: [], observations: model.gauge }),
      aside,
      failed: 'not-solvable',
    };
  }
}

// With very many readings, suspects this near to the worst go with it: one at a time would take too long.
const MANY = 80;
const WITH_THE_WORST = 0.7;

/** The worst suspect (with very many readings: the worst few), each with a reading off by nearly as much. */
function suspects(solved: Solved, kept: ReadonlySet<string>): [string, string | null][] {
  const byReading = new Map<string, number>();
  const left = solved.leftOut();
  for (const { reading, off, sd } of left) {
    if (reading) byReading.set(reading, Math.max(byReading.get(reading) ?? 0, Math.abs(off) / sd));
  }
  const sorted = [...byReading].sort((a, b) => b[1] - a[1]);
  const open = sorted.filter(([id, w]) => w > SUSPECT && !kept.has(id));
  const [worst] = open;
  if (!worst) return [];
  const rival = sorted.find(([id, w]) => id !== worst[0] && w > NEARLY_AS_MUCH * worst[1]);
  const first: [string, string | null] = [worst[0], rival?.[0] ?? null];
  if (left.length < MANY) return [first];
  return [
    first,
    ...open
      .slice(1)
      .filter(([, w]) => w > WITH_THE_WORST * worst[1])
      .map(([id]): [string, null] => [id, null]),
  ];
}

interface Off {
  readonly expected: number;
  readonly off: number;
  readonly sd: number;
  readonly w: number;
}

/** How far a reading that does not count is off from what the survey would have it be: its worst statement. */
function worstOf(reading: Reading, model: Model, solved: Solved): Off {
  const { all } = observationsOf(reading, model);
  const offs = all.map(({ statement, said, sd }): Off => {
    const { terms, expected } = solved.linearise(statement);
    const own = Math.hypot(solved.ask(terms).sd, sd);
    return { expected, off: said - expected, sd: own, w: Math.abs(said - expected) / own };
  });
  return worstFirst(offs);
}

const worstFirst = (offs: readonly Off[]): Off => offs.reduce((worst, one) => (one.w > worst.w ? one : worst));

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

function foreign(id: string): ReadingCheck {
  return { id, state: 'foreign', expected: null, off: 0, sd: 0, w: 0, against: null };
}
