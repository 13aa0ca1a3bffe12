import { intlFormat } from 'date-fns/intlFormat';
import { isSameDay } from 'date-fns/isSameDay';
import { WRITING } from '@dormer/core/say/words/first';
import { language } from './labels';

const locale = () => WRITING[language()].locale;

/** Hours as the language counts them: to 24, or to 12 twice. */
const hour = () =>
  language() === 'en-US'
    ? ({ hour: 'numeric', minute: '2-digit', hourCycle: 'h12' } as const)
    : ({ hour: '2-digit', minute: '2-digit', hourCycle: 'h23' } as const);

/** A moment as one says it today: the hour, with the day where that is another. */
export function momentWords(ms: number, nowMs: number): string {
  const day = isSameDay(ms, nowMs) ? {} : ({ weekday: 'short', day: 'numeric', month: 'short' } as const);
  return intlFormat(ms, { ...day, ...hour() }, { locale: locale() });
}

/** Units of time with their seconds, the longest first. */
const UNITS = [
  ['year', 31_557_600],
  ['month', 2_629_800],
  ['week', 604_800],
  ['day', 86_400],
  ['hour', 3600],
  ['minute', 60],
] as const;

/** How long ago a moment was: “2 hours ago”, “now”. */
export function agoWords(iso: string, nowMs = Date.now()): string {
  const seconds = (Date.parse(iso) - nowMs) / 1000;
  const [unit, length] = UNITS.find(([, lasts]) => Math.abs(seconds) >= lasts) ?? ['minute', 60];
  const count = Math.trunc(seconds / length) || 0;
  const format = new Intl.RelativeTimeFormat(locale(), { numeric: 'auto' });
  return count === 0 ? format.format(0, 'second') : format.format(count, unit);
}

/** A moment to the second, as saved versions are told apart. */
export const exactWords = (iso: string): string =>
  intlFormat(
    iso,
    { day: 'numeric', month: 'short', year: 'numeric', ...hour(), second: '2-digit' },
    { locale: locale() },
  );

/** The hour by the clocks of a zone. */
export const clockWords = (ms: number, zone: string): string =>
  intlFormat(ms, { ...hour(), timeZone: zone }, { locale: locale() });

/** The day by the calendar of a zone. */
export const dayWords = (ms: number, zone: string): string =>
  intlFormat(ms, { weekday: 'long', day: 'numeric', month: 'long', timeZone: zone }, { locale: locale() });
