import { intlFormat } from 'date-fns/intlFormat';
import { intlFormatDistance } from 'date-fns/intlFormatDistance';
import { isSameDay } from 'date-fns/isSameDay';
import { LOCALE } from '@dormer/core/say/words/first';

const HOUR = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const;

/** A moment as one says it today: the hour, with the day where that is another. */
export function momentWords(ms: number, nowMs: number): string {
  const day = isSameDay(ms, nowMs) ? {} : ({ weekday: 'short', day: 'numeric', month: 'short' } as const);
  return intlFormat(ms, { ...day, ...HOUR }, { locale: LOCALE });
}

/** How long ago a moment was: “2 hours ago”. */
export const agoWords = (iso: string): string => intlFormatDistance(iso, Date.now(), { locale: LOCALE });

/** A moment to the second, as saved versions are told apart. */
export const exactWords = (iso: string): string =>
  intlFormat(iso, { day: 'numeric', month: 'short', year: 'numeric', ...HOUR, second: '2-digit' }, { locale: LOCALE });

/** The hour by the clocks of a zone. */
export const clockWords = (ms: number, zone: string): string =>
  intlFormat(ms, { ...HOUR, timeZone: zone }, { locale: LOCALE });

/** The day by the calendar of a zone. */
export const dayWords = (ms: number, zone: string): string =>
  intlFormat(ms, { weekday: 'long', day: 'numeric', month: 'long', timeZone: zone }, { locale: LOCALE });
