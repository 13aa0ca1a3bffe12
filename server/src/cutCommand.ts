import loadHighs from 'highs';
import type { Job } from '@dormer/core/job';
import { planJob } from '@dormer/core/plan';
import { planCutting, shoppingFor, solverOf } from '@dormer/core/work/stock';
import { jobFrom } from './jobFile';

/** `dormer cut FILE`: how a job is cut from what can be bought, and what that is, as JSON on standard output. */
async function cut(job: Job): Promise<void> {
  const plan = planJob(job);
  const work = planCutting({ job, plan, rack: [] }, solverOf(await loadHighs()));
  let step = work.next();
  while (!step.done) step = work.next();
  const cutting = step.value;
  const shopping = shoppingFor({ job, plan, cutting });
  const told = { format: 'dormer-cutting', version: 1, job: plan.job, cutting, shopping };
  process.stdout.write(`${JSON.stringify(told, null, 2)}\n`);
}

const job = jobFrom(process.argv[2], 'cut');
if (job) void cut(job);
