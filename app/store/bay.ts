import { inBay } from '@dormer/core/job/bayEdits';
import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { editJob, type Thunk } from './actions';

/** A plan with the shelves, gaps and space of one bay; pieces and problems are of all of them. */
export function planOfBay(plan: Plan, id: string | null): Plan {
  const bay = plan.bays.find((one) => one.id === id) ?? plan.bays[0];
  if (plan.bays.length === 1 || !bay) return plan;
  const ours = (shelf: number | null) => shelf !== null && bay.shelves.includes(shelf);
  const { space, blocked, rail, pins, main } = bay;
  return {
    ...plan,
    shelves: plan.shelves.filter(({ number }) => ours(number)),
    gaps: plan.gaps.filter(({ below, above }) => ours(below) || ours(above)),
    space,
    blocked,
    rail,
    pins,
    contents: main ? plan.contents : null,
    tilted: main ? plan.tilted : [],
  };
}

/** Changes the open job as seen from its chosen bay. One step to undo. */
export const editBay =
  (how: (seen: Job) => Job): Thunk<void> =>
  (dispatch, getState) => {
    const { id } = getState().bay;
    dispatch(editJob((job) => inBay(job, id, how)));
  };

/**
 * Changes the open job, as seen from its chosen bay, by a function of it and of its plan as it stands. A plan that is
 * still being worked out is waited for, so that nothing is changed by what was there before. One step to undo.
 */
export const editPlanned =
  (how: (job: Job, plan: Plan) => Job): Thunk<Promise<void>> =>
  async (dispatch, getState, { core }) => {
    const { job } = getState().openJob.present;
    if (!job) return;
    const { plan, job: planned } = getState().planned;
    const fresh = planned === job && plan ? plan : await core.plan(job).catch(() => null);
    const seen = fresh && planOfBay(fresh, getState().bay.id);
    if (seen && getState().openJob.present.job === job) dispatch(editBay((one) => how(one, seen)));
  };
