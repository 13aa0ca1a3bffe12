import type { BuildWish } from '../../job';
import { layIntoCalendar, withoutDay, type LaidOut } from './calendar/lay';
import { outstanding } from './outstanding';
import { tripsFor, type TripsInput } from './trips';

/** The work in a calendar, and what one more lost day would change. Plain data. */
export interface CalendarOfWork extends LaidOut {
  /**
   * When all would be done without the day that was asked about; milliseconds since 1970, null where never or not
   * asked.
   */
  readonly withoutMs: number | null;
}

export interface CalendarInput extends Omit<TripsInput, 'build'> {
  readonly build: TripsInput['build'] & Pick<BuildWish, 'calendar'>;
  /** A day that might be lost. */
  readonly lose?: string;
}

/** What is left to do laid into free time, in the order of its trips. Nothing where there is no calendar. */
export function calendarFor({ build, plan, nowMs, lose, nodes }: CalendarInput): CalendarOfWork {
  const { calendar } = build;
  if (!calendar) return { laid: [], doneMs: null, problems: [], withoutMs: null };
  const trips = tripsFor({ build, plan, nowMs, ...(nodes === undefined ? {} : { nodes }) });
  const left = outstanding(plan.build.steps, build, nowMs);
  const input = { left, order: trips.steps.map((step) => step.step), build, calendar, nowMs };
  return { ...layIntoCalendar(input), withoutMs: lose === undefined ? null : withoutDay(input, lose).withoutMs };
}
