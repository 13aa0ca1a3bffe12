import type { Job } from './schema';
import { withoutTicks } from './ticks';

/** Keys of a job that do not change what is built: names, stock, and the work. */
const BESIDE_DESIGN = ['id', 'name', 'notes', 'otherShelves', 'stock', 'build', 'log', 'learned'] as const;

/** The part of a job that decides what is built. Plans of the same design have the same pieces in the same places. */
export type DesignJob = Omit<Job, (typeof BESIDE_DESIGN)[number]>;

/** A job without the keys that do not change what is built. */
export function designOf(job: Job): DesignJob {
  const design: Partial<Job> = { ...job };
  for (const key of BESIDE_DESIGN) delete design[key];
  return design as DesignJob;
}

/** The part of a job that decides its steps. */
export type WorkJob = DesignJob & Pick<Job, 'stock' | 'build' | 'learned'>;

/** The part of a job that decides its steps: not their progress, nor prices, nor the job's name. */
export function workOf(job: Job): WorkJob {
  const { saw: _begun, ...stock } = job.stock;
  const { build, learned } = withoutTicks(job);
  return {
    ...designOf(job),
    stock: { ...stock, prices: [], ticked: [], cut: [] },
    build,
    ...(learned ? { learned } : {}),
  };
}
