import type { Job } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';

/** The plan of a job as JSON, in a thread of its own. */
export default function planText(job: Job): string {
  return JSON.stringify(planJob(job));
}
