import type { Reading, SurfaceName } from '../../job';
import { floorMark, type Extent } from '../kinds';
import { instrumentOf, spotOf } from '../reading';
import { at as position, sum, times, type FieldName } from './functional';
import type { Prior } from './prior';
import type { LearnedError } from './repeats';
import { NotSolvable, solve, type Observation, type Solved } from './solve';
import { saidBy, sdOf, statementsAt, type Aux, type Setting } from './statements';
import type { TrialStatements } from './trials';

/** A reading this many standard deviations off is a suspect (Baarda's data snooping at about 0.1 %). */
export const SUSPECT = 3.3;
/** One that was set aside comes back when the others, as they are at last, would have it within this. */
const WELCOME_BACK = 2.5;
/** Two that are off by nearly as much: either may be the slip. */
const NEARLY_AS_MUCH = 0.9;
// More than this share of all readings is not a slip but a mess; the rest stays in, and says so.
const MOST_ASIDE = 0.34;

/** Setting of the adjustment: priors of the walls, the frame, and trial fits. */
export interface Model {
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
export function gaugeOf(surfaces: readonly SurfaceName[], extent: Extent): Observation[] {
  const mid = (side: 'left' | 'right') => position(side, extent.depth / 2, extent.height / 2);
  const sides = (['left', 'right'] as const).filter((side) => surfaces.includes(side));
  const across =
    sides.length === 2
      ? [times(0.5, sum(mid('left'), mid('right')))]
      : sides.map((side) => position(side, 0, extent.height / 2));
  const mark = floorMark(extent);
  const up = surfaces.includes('floor') ? [position('floor', mark.across, mark.out)] : [];
  return [...across, ...up].map((terms) => ({
    statement: { kind: 'linear', terms, plus: 0 },
    said: 0,
    sd: GAUGE_SD_MM,
    reading: null,
  }));
}

/** Factor of a reading's error over the usual one, learned from repeats. */
export function factors(errors: readonly LearnedError[]) {
  return (reading: Reading) =>
    reading.sd === undefined ? (errors.find((error) => error.instrument === instrumentOf(reading))?.factor ?? 1) : 1;
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

/** Solves the given readings and trial fits together. */
export function solveWith(model: Model, readings: readonly Reading[]): Solved {
  const parts = readings.map((reading) => observationsOf(reading, model));
  return solve({
    priors: model.priors,
    aux: [...model.trials.aux, ...parts.flatMap((part) => part.aux)],
    observations: [...model.gauge, ...model.trials.observations, ...parts.flatMap((part) => part.all)],
  });
}

export interface Adjusted {
  readonly solved: Solved;
  /** Ids of readings set aside, each with the one that was off by nearly as much. */
  readonly aside: ReadonlyMap<string, string | null>;
  /** Reason when the readings could not be solved; null otherwise. */
  readonly failed: 'not-solvable' | 'not-settled' | null;
}

/**
 * Solves, sets the worst suspect aside, solves again, until none is left; then takes back what the rest, cleared of
 * the slips, agrees with after all. Baarda, A testing procedure for use in geodetic networks (1968).
 */
export function adjust(model: Model, readings: readonly Reading[]): Adjusted {
  const aside = new Map<string, string | null>();
  try {
    let solved = solveWith(model, readings);
    const most = Math.max(1, Math.floor(readings.length * MOST_ASIDE));
    const kept = new Set(readings.filter((reading) => reading.verdict === 'kept').map((reading) => reading.id));
    while (aside.size < most) {
      const found = suspects(solved, kept);
      if (found.length === 0) break;
      for (const [id, against] of found.slice(0, most - aside.size)) aside.set(id, against);
      solved = solveWith(
        model,
        readings.filter((reading) => !aside.has(reading.id)),
      );
    }
    const back = readings.filter((reading) => {
      if (!aside.has(reading.id)) return false;
      return worstOf(reading, model, solved).w < WELCOME_BACK;
    });
    if (back.length > 0) {
      back.forEach((one) => aside.delete(one.id));
      solved = solveWith(
        model,
        readings.filter((reading) => !aside.has(reading.id)),
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

/** Difference of a statement from what the others predict. */
export interface Off {
  readonly expected: number;
  readonly off: number;
  readonly sd: number;
  readonly w: number;
}

/** How far a reading that does not count is off from what the survey would have it be: its worst statement. */
export function worstOf(reading: Reading, model: Model, solved: Solved): Off {
  const { all } = observationsOf(reading, model);
  const offs = all.map(({ statement, said, sd }): Off => {
    const { terms, expected } = solved.linearise(statement);
    const own = Math.hypot(solved.ask(terms).sd, sd);
    return { expected, off: said - expected, sd: own, w: Math.abs(said - expected) / own };
  });
  return worstFirst(offs);
}

/** Statement with the largest w. */
export const worstFirst = (offs: readonly Off[]): Off => offs.reduce((worst, one) => (one.w > worst.w ? one : worst));
