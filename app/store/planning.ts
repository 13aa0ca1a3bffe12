import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import type { Job } from '@dormer/core/job/document';
import type { Core } from '../workers/contract';
import { reasonOf } from '../platform/reasonOf';
import { planDropped, planFailed, planReady } from './planned';
import type { AppDispatch, RootState } from './state';

/**
 * Plans the open job whenever it changes, one plan at a time: of the changes that come while a plan is made, only the
 * newest is planned next, and the plan before it is given up.
 */
export function planOpenJob(listeners: ListenerMiddlewareInstance<RootState, AppDispatch>, core: Core): void {
  let planning: { readonly job: Job; readonly stop: AbortController } | null = null;
  listeners.startListening({
    predicate: (_action, state, before) => state.openJob.present !== before.openJob.present,
    effect: async (_action, { getState, dispatch }) => {
      const jobNow = () => getState().openJob.present.job;
      if (!jobNow()) dispatch(planDropped());
      // Nobody waits for the plan of a job that is another by now.
      if (planning) {
        if (planning.job !== jobNow()) planning.stop.abort();
        return;
      }
      for (let job = jobNow(); job; job = jobNow()) {
        const stop = new AbortController();
        planning = { job, stop };
        const answer = await planned(core, job, stop.signal);
        if (jobNow() !== job) continue;
        // Clear the flag before telling the answer, so that a change made in reply is planned too.
        planning = null;
        return void dispatch(answer);
      }
      planning = null;
    },
  });
}

async function planned(core: Core, job: Job, stop: AbortSignal) {
  try {
    return planReady({ plan: await core.plan(job, { stop }), job });
  } catch (error) {
    return planFailed(reasonOf(error));
  }
}
