import type { BuildWish } from '../../../job';
import { clockMinutes, dayNumber, dayText, momentOf, wallOf, weekday } from './zoned';

export type CalendarWish = NonNullable<BuildWish['calendar']>;

/** A stretch of time, milliseconds since 1970. */
export interface Stretch {
  readonly fromMs: number;
  readonly toMs: number;
}

/** When someone with other work has time: in the evening, and by day at the weekend. */
export const USUAL_HOURS = { week: { from: '18:30', to: '21:00' }, weekend: { from: '09:00', to: '17:00' } } as const;

/** Evenings and Saturdays. */
export const usualCalendar = (zone: string, from: string): CalendarWish => ({
  zone,
  from,
  free: [...[1, 2, 3, 4, 5].map((day) => ({ day, ...USUAL_HOURS.week })), { day: 6, ...USUAL_HOURS.weekend }],
  quiet: { from: '20:00', to: '08:00' },
  lost: [],
  moved: [],
});

/** The days looked ahead at the most: half a year. */
export const MOST_DAYS = 183;

/**
 * When there is time, day by day: lost days left out, stretches that meet made one.
 * @param nowMs from this moment on
 * @param days how many days to look ahead
 */
export function freeTime({ zone, from, free, lost }: CalendarWish, nowMs: number, days = MOST_DAYS): Stretch[] {
  const first = Math.max(dayNumber(from), dayNumber(wallOf(zone, nowMs).day));
  const away = new Set(lost);
  const all: Stretch[] = [];
  for (let number = first; number < first + days; number += 1) {
    const day = dayText(number);
    if (away.has(day)) continue;
    const own = free
      .filter((one) => one.day === weekday(number))
      .map((one) => ({
        fromMs: Math.max(nowMs, momentOf(zone, day, clockMinutes(one.from))),
        toMs: momentOf(zone, day, clockMinutes(one.to)),
      }));
    all.push(...own.filter((one) => one.toMs > one.fromMs));
  }
  return joined(all);
}

/** When nothing loud may be done on a day and the night after it; nothing where there is no such limit. */
export function quietTime({ zone, quiet }: CalendarWish, day: string): Stretch[] {
  if (!quiet) return [];
  const [from, to] = [clockMinutes(quiet.from), clockMinutes(quiet.to)];
  if (from === to) return [];
  const next = dayText(dayNumber(day) + 1);
  if (from < to) return [{ fromMs: momentOf(zone, day, from), toMs: momentOf(zone, day, to) }];
  return [
    { fromMs: momentOf(zone, day, 0), toMs: momentOf(zone, day, to) },
    { fromMs: momentOf(zone, day, from), toMs: momentOf(zone, next, 0) },
  ];
}

function joined(all: readonly Stretch[]): Stretch[] {
  const sorted = [...all].sort((a, b) => a.fromMs - b.fromMs);
  return sorted.reduce<Stretch[]>((sum, stretch) => {
    const last = sum.at(-1);
    if (!last || stretch.fromMs > last.toMs) return [...sum, stretch];
    return [...sum.slice(0, -1), { fromMs: last.fromMs, toMs: Math.max(last.toMs, stretch.toMs) }];
  }, []);
}
