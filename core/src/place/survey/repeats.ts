import type { Instrument, Reading } from '../../job';
import { instrumentOf, sameSpot, signedValue, spotKey, spotOf, usualSd } from '../reading';

/** Readings taken again at the spot of one, without sight of it. */
export function unseenRepeats(id: string, readings: readonly Reading[]): Reading[] {
  const first = readings.find((reading) => reading.id === id);
  if (!first) return [];
  return readings.filter(
    (reading) =>
      reading.id !== id && reading.blind && reading.verdict !== 'dropped' && sameSpot(spotOf(reading), spotOf(first)),
  );
}

/** What a person's repeats with one instrument say of their error, as against the usual one. */
export interface LearnedError {
  readonly instrument: Instrument;
  /** How many times the usual standard deviation theirs is. */
  readonly factor: number;
  /** Repeats it rests on: readings beyond the first at each spot. */
  readonly repeats: number;
}

/** What repeats add up to, so that those of several jobs can be put together. */
export interface RepeatSum {
  readonly instrument: Instrument;
  readonly repeats: number;
  /** Sum of squared departures from each spot's middle value, in usual standard deviations, slips left out. */
  readonly squares: number;
}

/** The repeats at one spot, known by the first reading there: a copy of a job has the same. */
export interface SpotRepeats extends RepeatSum {
  readonly first: string;
}

/** The usual error counts for as much as this many repeats. */
const WORTH_REPEATS = 8;
/** A departure beyond this many usual standard deviations is a slip, not a scatter; it does not count. */
const A_SLIP = 3;

/**
 * Departures of readings taken more than once at the same spot with the same instrument, by spot. Robust:
 * taken from the median, and what departs by more than three usual standard deviations left out (trimming).
 */
export function repeatSums(readings: readonly Reading[]): SpotRepeats[] {
  const spots = new Map<string, Reading[]>();
  for (const reading of readings) {
    // A practice instrument's scatter is not the person's own.
    if (reading.verdict === 'dropped' || reading.simulated) continue;
    const key = `${instrumentOf(reading)}|${spotKey(spotOf(reading))}`;
    spots.set(key, [...(spots.get(key) ?? []), reading]);
  }
  return [...spots.values()].flatMap((group): SpotRepeats[] => {
    const [first] = group;
    if (!first || group.length < 2) return [];
    const instrument = instrumentOf(first);
    const values = group.map((one) => signedValue(one) / usualSd(one.kind, instrument)).sort((a, b) => a - b);
    // Of two, the middle is their mean: each departs by half their difference, and the two make one repeat.
    const middle = ((values[(values.length - 1) >> 1] as number) + (values[values.length >> 1] as number)) / 2;
    const scatter = values.map((value) => Math.abs(value - middle)).filter((off) => off <= A_SLIP);
    if (scatter.length < 2) return [];
    const squares = scatter.reduce((sum, off) => sum + off * off, 0);
    return [{ first: first.id, instrument, repeats: scatter.length - 1, squares }];
  });
}

/** Repeats of several jobs, where the same ones in a copy count once: of two the one with more of them. */
export function countedOnce(spots: readonly SpotRepeats[]): SpotRepeats[] {
  const most = new Map<string, SpotRepeats>();
  for (const one of spots) {
    const key = `${one.instrument}|${one.first}`;
    const before = most.get(key);
    if (!before || one.repeats > before.repeats) most.set(key, one);
  }
  return [...most.values()];
}

/**
 * The error learned from repeats of any number of jobs, drawn towards the usual one: with ν repeats of mean square
 * s² and the usual error counting for ν₀, factor² = (ν₀ + ν s²) / (ν₀ + ν) (scaled inverse chi-squared prior;
 * Gelman et al., Bayesian Data Analysis, 2.6).
 */
export function learnErrors(sums: readonly RepeatSum[]): LearnedError[] {
  return addedUp(sums).map(({ instrument, repeats, squares }) => ({
    instrument,
    repeats,
    factor: Math.sqrt((WORTH_REPEATS + squares) / (WORTH_REPEATS + repeats)),
  }));
}

/** Sums put together, by instrument. */
export function addedUp(sums: readonly RepeatSum[]): RepeatSum[] {
  const byInstrument = new Map<Instrument, RepeatSum>();
  for (const { instrument, repeats, squares } of sums) {
    const before = byInstrument.get(instrument) ?? { instrument, repeats: 0, squares: 0 };
    byInstrument.set(instrument, {
      instrument,
      repeats: before.repeats + repeats,
      squares: before.squares + squares,
    });
  }
  return [...byInstrument.values()];
}
