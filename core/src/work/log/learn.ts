import type { Job, LearnedWays, Mistake } from '../../job';
import { countedOnce, learnErrors, repeatSums, type LearnedError } from '../../place/survey/repeats';
import { oddsKept, type Kept } from './odds';
import { ownTimes, type Took } from './times';

/** What jobs taught, all of them together. Plain data. */
export interface Lessons {
  readonly jobs: number;
  readonly times: readonly { readonly kind: string; readonly factor: number; readonly of: number }[];
  /** Own errors by instrument, as a factor of the usual. */
  readonly errors: readonly LearnedError[];
  readonly odds: readonly Kept[];
  /** Causes of mistakes, the most frequent first; what they cost, minutes. */
  readonly mistakes: readonly { readonly cause: Mistake; readonly times: number; readonly minutes: number }[];
  /** What was noted for the next time, the newest job last. */
  readonly next: readonly { readonly job: string; readonly text: string }[];
}

/** From so many times on a mistake is one that comes again. */
export const AGAIN = 2;

/** A job that taught something. */
export type Lived = Pick<Job, 'id' | 'name' | 'log' | 'build' | 'readings'>;

/**
 * What jobs taught: own times by kind of step, how often boards went in, which mistakes come again, what to do
 * otherwise.
 */
export function learn(all: readonly Lived[]): Lessons {
  // A copy of a job tells nothing new.
  const ticks = once(
    all.flatMap(({ build }) => build.done),
    (one) => `${one.step}/${one.at}`,
  );
  const took = ticks.flatMap((tick): Took[] =>
    tick.took ? [{ kind: tick.took.kind, usualMin: tick.took.usual, tookMin: tick.took.minutes }] : [],
  );
  const wrong = once(
    all.flatMap(({ log }) => log.entries),
    (one) => one.id,
  ).flatMap((one) => (one.kind === 'mistake' ? [one] : []));
  const causes = [...new Set(wrong.map((one) => one.cause))];
  const mistakes = causes.map((cause) => {
    const own = wrong.filter((one) => one.cause === cause);
    return { cause, times: own.length, minutes: own.reduce((sum, one) => sum + (one.minutes ?? 0), 0) };
  });
  return {
    jobs: all.length,
    times: ownTimes(took),
    errors: learnErrors(countedOnce(all.flatMap((one) => repeatSums(one.readings)))),
    odds: oddsKept(
      once(
        all.flatMap(({ log }) => log.fits),
        (one) => one.id,
      ),
    ),
    mistakes: mistakes.sort((a, b) => b.times - a.times || b.minutes - a.minutes || a.cause.localeCompare(b.cause)),
    next: all.flatMap(({ name, log }) => (log.next.trim() === '' ? [] : [{ job: name, text: log.next.trim() }])),
  };
}

/** Things by their key, each once. */
const once = <T>(all: readonly T[], key: (one: T) => string): T[] => [
  ...new Map(all.map((one) => [key(one), one])).values(),
];

/** What of it goes into a job: own times, and the mistakes that came again. */
export function waysLearned({ times, mistakes }: Pick<Lessons, 'times' | 'mistakes'>): LearnedWays {
  return {
    times: times.map((time) => ({ ...time, factor: Math.round(Math.min(Math.max(time.factor, 0.1), 10) * 100) / 100 })),
    mistakes: mistakes
      .filter((mistake) => mistake.times >= AGAIN)
      .map(({ cause, times: often }) => ({ cause, times: often })),
  };
}
