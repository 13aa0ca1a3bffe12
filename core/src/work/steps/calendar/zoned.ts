import { tzOffset } from '@date-fns/tz/tzOffset';

/** A date and a time of day in a time zone as a moment. */
const MINUTE_MS = 60_000;
const DAY_MS = 1440 * MINUTE_MS;

/** Whether a time zone of that name is known here. */
export function zoneKnown(zone: string): boolean {
  return Number.isFinite(tzOffset(zone, new Date(0)));
}

/**
 * The moment of a time of day in a zone, milliseconds since 1970. A time that is left out when clocks go forward is
 * moved on by as much; of one that comes twice when they go back, the first is meant.
 * @param day `2026-03-29`
 * @param minutes since midnight by the clock on the wall; 1440 is the next day’s midnight
 */
export function momentOf(zone: string, day: string, minutes: number): number {
  const wall = dayNumber(day) * DAY_MS + minutes * MINUTE_MS;
  // The offset there and then, found from both sides of a change.
  const before = wall - tzOffset(zone, new Date(wall - DAY_MS)) * MINUTE_MS;
  const after = wall - tzOffset(zone, new Date(wall + DAY_MS)) * MINUTE_MS;
  const shows = (moment: number) => moment + tzOffset(zone, new Date(moment)) * MINUTE_MS === wall;
  if (shows(before)) return before;
  return shows(after) ? after : before;
}

/** The date and the minutes since midnight that clocks on the wall show at a moment. */
export function wallOf(zone: string, moment: number): { readonly day: string; readonly minutes: number } {
  const wall = moment + tzOffset(zone, new Date(moment)) * MINUTE_MS;
  const day = Math.floor(wall / DAY_MS);
  return { day: dayText(day), minutes: Math.round((wall - day * DAY_MS) / MINUTE_MS) };
}

/**
 * Days from 1970-01-01 to a date.
 * @returns a whole number
 * @example dayNumber('1970-01-02') // 1
 */
export const dayNumber = (day: string): number =>
  Math.round(Date.UTC(Number(day.slice(0, 4)), Number(day.slice(5, 7)) - 1, Number(day.slice(8, 10))) / DAY_MS);

/** The date so many days since 1970-01-01. */
export const dayText = (number: number): string => new Date(number * DAY_MS).toISOString().slice(0, 10);

/**
 * The day of the week.
 * @param number days since 1970-01-01
 * @returns 1 for Monday to 7 for Sunday
 */
export const weekday = (number: number): number => ((((number + 3) % 7) + 7) % 7) + 1;

/** `18:30` as minutes since midnight. */
export const clockMinutes = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));
