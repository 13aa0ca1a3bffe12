import type { ReactNode } from 'react';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';

export interface LogTabProps {
  readonly job: Job;
  readonly plan: Plan;
  readonly tabs: ReactNode;
}
