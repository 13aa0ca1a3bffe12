import { LOTS, type Job, type Lot } from '@dormer/core/job/document';
import { lotOf } from '@dormer/core/design/load/lots';
import type { Plan } from '@dormer/core/plan';

/** All pieces, then each lot that the job has: walls only if they are painted. */
export function lotsIn(job: Pick<Job, 'build'>, plan: Pick<Plan, 'parts'>): ('all' | Lot)[] {
  const there = new Set<Lot | null>(plan.parts.map((part) => lotOf(part.role)));
  if (job.build.prepare.paint) there.add('wall');
  return ['all', ...LOTS.filter((lot) => there.has(lot))];
}
