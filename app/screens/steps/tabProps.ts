import type { ReactNode } from 'react';
import type { Step } from '@dormer/core/work/steps/forScreens';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import type { useTrips } from './useTrips';

export interface TabProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly found: ReturnType<typeof useTrips>;
  readonly tabs: ReactNode;
}

/** What is left to do, in its order: as found, or as it is written while that is being worked out. */
export function stepsLeft({ plan, found, job }: Omit<TabProps, 'tabs'>): Step[] {
  const over = new Set([...job.build.done, ...job.build.skipped].map((one) => one.step));
  const left = plan.build.steps.filter((step) => !over.has(step.id));
  const order = new Map((found.trips?.steps ?? []).map((step, i) => [step.step, i]));
  return left.sort((a, b) => (order.get(a.id) ?? order.size) - (order.get(b.id) ?? order.size));
}
