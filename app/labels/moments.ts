import { intlFormat } from 'date-fns/intlFormat';
import { isSameDay } from 'date-fns/isSameDay';
import { LOCALE } from '@dormer/core/say/words/first';

const HOUR = { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const;

/** A moment as one says it today: the hour, with the day where that is another. */
export function momentWords(ms: number, nowMs: number): string {
  const day = isSameDay(ms, nowMs) ? {} : ({ weekday: 'short', day: 'numeric', month: 'short' } as const);
  return intlFormat(ms, { ...day, ...HOUR }, { locale: LOCALE });
}

/** The hour by the clocks of a zone. */
export const clockWords = (ms: number, zone: string): string =>
  intlFormat(ms, { ...HOUR, timeZone: zone }, { locale: LOCALE });

/** The day by the calendar of a zone. */
export const dayWords = (ms: number, zone: string): string =>
  intlFormat(ms, { weekday: 'long', day: 'numeric', month: 'long', timeZone: zone }, { locale: LOCALE });
