import { clockText } from './clockText';
import { clockWords, dayWords, momentWords } from '../../labels/moments';

test('minutes of a day as a clock shows them', () => {
  expect([0, 425, 1145, 1440].map(clockText)).toEqual(['00:00', '07:05', '19:05', '00:00']);
});

test('moments in words, in their own zone', () => {
  const moment = Date.UTC(2026, 6, 1, 22, 30);
  expect(clockWords(moment, 'Europe/Amsterdam')).toBe('00:30');
  expect(dayWords(moment, 'Europe/Amsterdam')).toBe('Thursday 2 July');
  expect(dayWords(moment, 'America/New_York')).toBe('Wednesday 1 July');
  expect(momentWords(moment, moment)).toMatch(/^\d\d:\d\d$/);
  expect(momentWords(moment + 3 * 86_400_000, moment)).toMatch(/^\w{3},? .*\d\d:\d\d$/);
});
