import { typedLength, type Job } from '../../job';
import { planJob } from '../../plan';
import { atOnce, loadedSolver } from './testing';
import { planCutting, type CuttingInput } from '.';

export const mm = (typed: string) => typedLength(typed, 'mm');

export async function cutting(job: Job, more: Partial<CuttingInput> = {}) {
  const plan = planJob(job);
  return { plan, job, ...atOnce(planCutting({ job, plan, rack: [], ...more }, await loadedSolver())) };
}

export const withStock = (job: Job, stock: Partial<Job['stock']>): Job => ({
  ...job,
  stock: { ...job.stock, ...stock },
});
