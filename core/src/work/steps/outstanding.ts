import type { BuildWish, StepPlace } from '../../job';
import type { Step, StepLag } from './step';

/** What is left to do, and what is under way already. */
export interface Outstanding {
  readonly steps: readonly Step[];
  /** Where one is: where the last step that was ticked was done; null before any. */
  readonly at: StepPlace | null;
  /** Waits that have begun with a step that is done, from now on. Minutes; negative where they are over. */
  readonly running: readonly (StepLag & { readonly to: string })[];
}

/** Which steps are done, and when: the last tick of each counts. Milliseconds since 1970. */
export const doneAt = ({ done }: Pick<BuildWish, 'done'>): ReadonlyMap<string, number> =>
  new Map(done.map((one) => [one.step, one.at]));

/**
 * The steps that are neither done nor left out. What waited for a step that is left out waits for what that one waited
 * for.
 * @param nowMs the present, milliseconds since 1970
 */
export function outstanding(
  steps: readonly Step[],
  build: Pick<BuildWish, 'done' | 'skipped'>,
  nowMs: number,
): Outstanding {
  const at = doneAt(build);
  const skipped = new Set(build.skipped.map((one) => one.step));
  const by = new Map(steps.map((step) => [step.id, step]));
  const lagsOf = (step: Step, seen: ReadonlySet<string>): StepLag[] =>
    step.after.flatMap((lag) => {
      const before = by.get(lag.step);
      if (!before || !skipped.has(lag.step) || at.has(lag.step) || seen.has(lag.step)) return [lag];
      return lagsOf(before, new Set([...seen, lag.step]));
    });
  const left = steps.filter((step) => !at.has(step.id) && !skipped.has(step.id));
  const running: (StepLag & { to: string })[] = [];
  const open = left.map((step) => {
    const after: StepLag[] = [];
    for (const lag of lagsOf(step, new Set([step.id]))) {
      const when = at.get(lag.step);
      if (when === undefined) {
        if (by.has(lag.step)) after.push(lag);
        continue;
      }
      const goneMin = (nowMs - when) / 60_000;
      running.push({
        ...lag,
        to: step.id,
        leastMin: lag.leastMin - goneMin,
        mostMin: lag.mostMin === null ? null : lag.mostMin - goneMin,
      });
    }
    return { ...step, after };
  });
  const last = [...build.done].sort((a, b) => a.at - b.at).at(-1);
  return { steps: open, at: last ? (by.get(last.step)?.place ?? null) : null, running };
}

/**
 * When a step may be begun by what is waited for: from then on, and no later than then. Milliseconds; null where
 * nothing says.
 */
export interface StepWindow {
  readonly opensMs: number | null;
  readonly closesMs: number | null;
  /** What is waited for, last. */
  readonly wait: StepLag['wait'];
}

/** The window of a step by the ticks of what comes before it. */
export function windowOf(step: Pick<Step, 'after'>, build: Pick<BuildWish, 'done'>): StepWindow {
  const at = doneAt(build);
  let [opensMs, closesMs]: [number | null, number | null] = [null, null];
  let wait: StepLag['wait'] = null;
  for (const lag of step.after) {
    const when = at.get(lag.step);
    if (when === undefined) continue;
    if (lag.leastMin > 0) {
      const opens = when + lag.leastMin * 60_000;
      if (opensMs === null || opens > opensMs) [opensMs, wait] = [opens, lag.wait];
    }
    if (lag.mostMin !== null) closesMs = Math.min(closesMs ?? Infinity, when + lag.mostMin * 60_000);
  }
  return { opensMs, closesMs, wait };
}
