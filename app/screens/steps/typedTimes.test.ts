import { clockText, isClock, isDay } from './typedTimes';
import { clockWords, dayWords, momentWords } from '../../labels/moments';

test('hours and dates as they are typed', () => {
  expect(['18:30', '7:05', ' 00:00 '].map(isClock)).toEqual([true, true, true]);
  expect(['24:00', '18.30', '18:60', ''].map(isClock)).toEqual([false, false, false, false]);
  expect(['2028-02-29', '2026-12-31'].map(isDay)).toEqual([true, true]);
  expect(['2026-02-29', '2026-13-01', '26-01-01', 'soon'].map(isDay)).toEqual([false, false, false, false]);
  expect(clockText(1145)).toBe('19:05');
});

test('moments in words, in their own zone', () => {
  const moment = Date.UTC(2026, 6, 1, 22, 30);
  expect(clockWords(moment, 'Europe/Amsterdam')).toBe('00:30');
  expect(dayWords(moment, 'Europe/Amsterdam')).toBe('Thursday 2 July');
  expect(dayWords(moment, 'America/New_York')).toBe('Wednesday 1 July');
  expect(momentWords(moment, moment)).toMatch(/^\d\d:\d\d$/);
  expect(momentWords(moment + 3 * 86_400_000, moment)).toMatch(/^\w{3},? .*\d\d:\d\d$/);
});
