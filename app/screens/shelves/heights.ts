import type { Job } from '@dormer/core/job/document';
import { asTyped, snapToTape, type TypedLength } from '@dormer/core/quantity';

const STEP_UP_MM = 350;

/** The job with one more typed shelf, a usual distance above the highest one. */
export function oneMore(job: Job, id: string, heightMm: number): Job {
  const highest = Math.max(0, ...job.shelves.heights.map((one) => one.up.mm));
  const wished = highest + STEP_UP_MM;
  const top = heightMm > 0 && wished > heightMm ? highest + job.shelves.thickness.mm * 2 : wished;
  const heights = [...job.shelves.heights, { id, up: markOf(top, job) }];
  return { ...job, shelves: { ...job.shelves, heights } };
}

/** The heights as they come out now, as typed ones: where a person goes on from equal gaps by hand. */
export function typedFrom(topsMm: readonly number[], job: Job, newId: () => string): Job {
  const kept = job.shelves.heights.length > 0;
  const heights = kept ? job.shelves.heights : topsMm.map((top) => ({ id: newId(), up: markOf(top, job) }));
  return { ...job, shelves: { ...job.shelves, way: 'typed', heights } };
}

/** A height on a mark of the job's tape, as typed. */
function markOf(mm: number, { units, tape }: Job): TypedLength {
  return asTyped(snapToTape(mm, tape, 'nearest'), units, tape);
}
