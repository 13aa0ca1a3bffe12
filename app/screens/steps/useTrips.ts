import type { Job } from '@dormer/core/job/document';
import type { Plan } from '@dormer/core/plan';
import { useAppDispatch } from '../../store';
import { askCalendar, askTrips } from '../../store/trips';
import { useAsked } from './useAsked';

/** What the order of the work depends on: its steps, and what is done of them. */
function orderKey(job: Job, plan: Plan): string {
  const { packed: _packed, calendar: _calendar, ...build } = job.build;
  return JSON.stringify([job.id, build, plan.build.steps.map((step) => [step.id, step.minutes, step.after])]);
}

/** What is left to do in the best order. */
export function useTrips(job: Job, plan: Plan) {
  const dispatch = useAppDispatch();
  const { answer: trips, ...rest } = useAsked(orderKey(job, plan), () => dispatch(askTrips(Date.now())));
  return { trips, ...rest };
}

/** What is left to do in the calendar of the job; nothing where it has none. `lose`: a day that might be lost. */
export function useCalendar(job: Job, plan: Plan, lose: string | null) {
  const dispatch = useAppDispatch();
  const { calendar } = job.build;
  const wanted = calendar ? JSON.stringify([orderKey(job, plan), calendar, lose]) : null;
  return useAsked(wanted, () => dispatch(askCalendar(Date.now(), lose ?? undefined)));
}
