import { planJob } from '@dormer/core/plan';
import { jobFrom } from './jobFile';

/** `dormer plan FILE`: the plan as JSON on standard output; one plain line and exit 1 for what is not a job. */
const job = jobFrom(process.argv[2], 'plan');
if (job) process.stdout.write(`${JSON.stringify(planJob(job), null, 2)}\n`);
