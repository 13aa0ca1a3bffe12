import { type Job } from '../../job';
import { planJob, type Plan } from '../../plan';
import type { Step } from './step';
import { stepsFor } from './steps';

export const plans = new Map<string, Plan>();

/** The plan of a job; what is said of the work itself changes nothing before its steps, so plans are made once. */
export const planOf = (job: Job): Plan => {
  const key = JSON.stringify({ ...job, build: null, stock: null });
  const plan = plans.get(key) ?? planJob(job);
  plans.set(key, plan);
  const { extent } = plan.opening;
  return {
    ...plan,
    build: stepsFor({ ...plan, job, ceilingMm: extent.height, wallFromMm: extent.left, depthMm: extent.depth }),
  };
};

export const stepsOf = (job: Job) => planOf(job).build.steps;

export const withBuild = (job: Job, build: Partial<Job['build']>, stock: Partial<Job['stock']> = {}): Job => ({
  ...job,
  build: { ...job.build, ...build },
  stock: { ...job.stock, ...stock },
});

export const idsOf = (steps: readonly Pick<Step, 'id'>[]) => steps.map((step) => step.id);

export const find = (steps: readonly Step[], id: string): Step => {
  const found = steps.find((step) => step.id === id);
  if (!found) throw new Error(`no step ${id} among ${idsOf(steps).join(' ')}`);
  return found;
};

/** Whether one step is done before another in every order. */
export const before = (steps: readonly Step[], first: string, then: string): boolean => {
  const seen = new Set<string>();
  const go = (id: string): boolean =>
    id === first || (!seen.has(id) && (seen.add(id), find(steps, id).after.some((lag) => go(lag.step))));
  return first !== then && go(then);
};
