import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import type { Job } from '@dormer/core/job/document';
import type { Core } from '../workers/contract';
import { reasonOf } from '../platform/reasonOf';
import { planDropped, planFailed, planReady } from './planned';
import type { AppDispatch, RootState } from './state';

/**
 * Plans the open job whenever it changes, one plan at a time: of the changes that come while a plan is made, only the
 * newest is planned next.
 */
export function planOpenJob(listeners: ListenerMiddlewareInstance<RootState, AppDispatch>, core: Core): void {
  let planning = false;
  listeners.startListening({
    predicate: (_action, state, before) => state.openJob.present !== before.openJob.present,
    effect: async (_action, { getState, dispatch }) => {
      const jobNow = () => getState().openJob.present.job;
      if (!jobNow()) dispatch(planDropped());
      if (planning) return;
      planning = true;
      for (let job = jobNow(); job; job = jobNow()) {
        const answer = await planned(core, job);
        if (jobNow() !== job) continue;
        // Clear the flag before telling the answer, so that a change made in reply is planned too.
        planning = false;
        return void dispatch(answer);
      }
      planning = false;
    },
  });
}

async function planned(core: Core, job: Job) {
  try {
    return planReady({ plan: await core.plan(job), job });
  } catch (error) {
    return planFailed(reasonOf(error));
  }
}
