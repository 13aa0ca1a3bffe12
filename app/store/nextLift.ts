import type { Lift } from '@dormer/core/design/fit';
import type { Job } from '@dormer/core/job/document';
import type { Thunk } from './actions';

/** What the reading advised next would do for the board it helps most, worked out by the worker after the plan. */
export const nextLift =
  (job: Job): Thunk<Promise<Lift | null>> =>
  (_dispatch, _getState, { core }) =>
    core.lift(job);
