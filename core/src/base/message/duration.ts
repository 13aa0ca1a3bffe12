import { count, message, type Message } from './message';

/** A time as one says it: minutes below an hour, hours and minutes below two days, then days and hours. */
export function durationWords(minutes: number): Message {
  const whole = Math.max(0, Math.round(minutes));
  const [days, hours, rest] = [Math.floor(whole / 1440), Math.floor(whole / 60), whole % 60];
  if (whole < 60) return message('time.minutes', { minutes: count(whole) });
  if (whole < 2880)
    return rest === 0
      ? message('time.hours', { hours: count(hours) })
      : message('time.hoursMinutes', { hours: count(hours), minutes: count(rest) });
  const over = Math.round((whole - days * 1440) / 60);
  return over === 0
    ? message('time.days', { days: count(days) })
    : message('time.daysHours', { days: count(days), hours: count(over) });
}
