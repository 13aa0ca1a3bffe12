import { speak } from './labels';
import { agoWords, clockWords, dayWords } from './moments';

const NOW = Date.UTC(2026, 10, 20, 12);
const ago = (seconds: number) => agoWords(new Date(NOW - seconds * 1000).toISOString(), NOW);

test.each([
  [0, 'now'],
  [59, 'now'],
  [60, '1 minute ago'],
  [3599, '59 minutes ago'],
  [7200, '2 hours ago'],
  [86_400, 'yesterday'],
  [3 * 86_400, '3 days ago'],
  [8 * 86_400, 'last week'],
  [40 * 86_400, 'last month'],
  [800 * 86_400, '2 years ago'],
])('%d seconds ago', (seconds, said) => expect(ago(seconds)).toBe(said));

test('a clock that runs ahead, and a moment that cannot be read', () => {
  expect(ago(-30)).toBe('now');
  expect(agoWords('then', NOW)).toBe('now');
});

test('the language of the reader decides the clock and the calendar', () => {
  const moment = Date.parse('2026-07-02T18:05:00Z');
  expect(clockWords(moment, 'UTC')).toBe('18:05');
  expect(dayWords(moment, 'UTC')).toBe('Thursday 2 July');
  speak('en-US');
  expect(clockWords(moment, 'UTC')).toMatch(/^6:05\sPM$/);
  expect(dayWords(moment, 'UTC')).toBe('Thursday, July 2');
  speak('en-GB');
});
