import type { Job } from './schema';

/** What of a job says nothing of what is built: its name, what is bought, how the work goes. */
const BESIDE_DESIGN = ['id', 'name', 'notes', 'otherShelves', 'stock', 'build', 'log', 'learned'] as const;

/** What of a job decides what is built: a plan of the same design has the same pieces in the same places. */
export type DesignJob = Omit<Job, (typeof BESIDE_DESIGN)[number]>;

/** The design of a job alone. */
export function designOf(job: Job): DesignJob {
  const design: Partial<Job> = { ...job };
  for (const key of BESIDE_DESIGN) delete design[key];
  return design as DesignJob;
}

/** What of a job decides its steps. */
export type WorkJob = DesignJob & Pick<Job, 'stock' | 'build' | 'learned'>;

/** What of a job decides its steps: not how far they have come, what things cost, or what the job is called. */
export function workOf(job: Job): WorkJob {
  const { saw: _begun, ...stock } = job.stock;
  const { calendar: _calendar, ...build } = job.build;
  const { learned } = job;
  return {
    ...designOf(job),
    stock: { ...stock, prices: [], ticked: [], cut: [] },
    build: { ...build, done: [], skipped: [], packed: [] },
    ...(learned ? { learned } : {}),
  };
}
