import type { BuildWish, Job, SkipReason } from './schema';

/** A job without what is only ticked off in it, or said of when: its plan is the same. */
export function withoutTicks(job: Job): Job {
  const { calendar: _calendar, ...build } = job.build;
  return { ...job, build: { ...build, done: [], skipped: [], packed: [] } };
}

/**
 * A job with its work gone about otherwise.
 * @example withBuild(job, { finish: 'before' })
 */
export const withBuild = (job: Job, change: Partial<BuildWish>): Job => ({
  ...job,
  build: { ...job.build, ...change },
});

/** A step is done. Milliseconds since 1970. */
export function withDone(job: Job, step: string, atMs: number): Job {
  const { done, skipped } = job.build;
  const tick = { step, at: atMs };
  return withBuild(job, {
    done: [...done.filter((one) => one.step !== step), tick],
    skipped: skipped.filter((one) => one.step !== step),
  });
}

/** How long a step that is done really took; null: that is not known. */
export function withTook(job: Job, step: string, took: BuildWish['done'][number]['took'] | null): Job {
  const done = job.build.done.map(({ took: before, ...one }) => {
    const said = one.step === step ? took : before;
    return said ? { ...one, took: said } : one;
  });
  return withBuild(job, { done });
}

/** A step is open again, whether it was done or left out. */
export function withOpen(job: Job, step: string): Job {
  const { done, skipped } = job.build;
  return withBuild(job, {
    done: done.filter((one) => one.step !== step),
    skipped: skipped.filter((one) => one.step !== step),
  });
}

/** A step is left out, and why. */
export function withSkipped(job: Job, step: string, why: SkipReason, note: string): Job {
  const { done, skipped } = job.build;
  const said = note.trim() === '' ? { step, why } : { step, why, note: note.trim() };
  return withBuild(job, {
    done: done.filter((one) => one.step !== step),
    skipped: [...skipped.filter((one) => one.step !== step), said],
  });
}

/** A job with something else in its log. */
export const withLog = (job: Job, change: Partial<Job['log']>): Job => ({ ...job, log: { ...job.log, ...change } });
