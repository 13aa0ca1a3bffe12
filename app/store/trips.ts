import type { CalendarOfWork, Trips } from '@dormer/core/work/steps/forScreens';
import type { AppDispatch, RootState, Services } from './state';

/** Has what is left of the open job ordered, from the present on. @returns null where no job is open */
export const askTrips =
  (nowMs: number) =>
  async (_dispatch: AppDispatch, getState: () => RootState, { core }: Services): Promise<Trips | null> => {
    const { job } = getState().openJob.present;
    return job ? core.order({ job, nowMs }) : null;
  };

/** Has what is left of the open job laid into its calendar. @returns null where no job is open */
export const askCalendar =
  (nowMs: number, lose?: string) =>
  async (_dispatch: AppDispatch, getState: () => RootState, { core }: Services): Promise<CalendarOfWork | null> => {
    const { job } = getState().openJob.present;
    return job ? core.calendar({ job, nowMs, ...(lose === undefined ? {} : { lose }) }) : null;
  };
