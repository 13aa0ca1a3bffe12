import type { Reading } from '../../job';
import { randomFrom } from '../../base/random';
import { countedOnce, learnErrors, repeatSums, surveyOf } from '.';
import { exactly, jobOf, width } from './testing';

const at = (value: number, id: string, up = 1200): Reading => exactly(width('back', up), value, id);
const factor = (readings: Reading[]) => learnErrors(repeatSums(readings))[0]?.factor;

test('nothing is learned without repeats', () => {
  expect(learnErrors(repeatSums([at(1000, 'a'), at(1001, 'b', 1500)]))).toEqual([]);
});

test('one pair, by hand: 1000 and 1002 depart by 1 each, s² = 2, ((8 + 2) / 9)^½', () => {
  expect(learnErrors(repeatSums([at(1000, 'a'), at(1002, 'b')]))).toEqual([
    { instrument: 'tape', repeats: 1, factor: Math.sqrt(10 / 9) },
  ]);
});

test('careful repeats make the error smaller than usual, never nothing', () => {
  const many = Array.from({ length: 20 }, (_, i) => at(1000, `r${i}`));
  expect(factor(many)).toBeCloseTo(Math.sqrt(8 / 27), 6);
});

test('a slip among repeats is pulled in: it cannot make the tape a bad one', () => {
  const steady = Array.from({ length: 9 }, (_, i) => at(1000 + (i % 3) - 1, `r${i}`));
  expect(factor([...steady, at(1400, 'slip')])).toBeLessThan(1.2);
});

test('with many repeats it comes to the person’s own error', () => {
  const random = randomFrom(11);
  const pairs = Array.from({ length: 200 }, (_, i) => [
    at(1000 + 1.8 * random.normal(), `a${i}`, i),
    at(1000 + 1.8 * random.normal(), `b${i}`, i),
  ]).flat();
  const learned = factor(pairs) ?? 0;
  expect(learned).toBeGreaterThan(1.55);
  expect(learned).toBeLessThan(1.9);
});

test('instruments are kept apart, and jobs put together', () => {
  const laser = [at(1000, 'a'), at(1003, 'b')].map((one): Reading => ({ ...one, with: 'laser' }) as Reading);
  const sums = repeatSums([...laser, at(1000, 'c'), at(1000, 'd')]);
  expect(sums.map((sum) => sum.instrument).sort()).toEqual(['laser', 'tape']);
  const twice = learnErrors([...sums, ...sums]);
  expect(twice.find((learnedError) => learnedError.instrument === 'laser')?.repeats).toBe(2);
});

test('the same repeats in a copy of a job count once, with what the copy has more of them', () => {
  const original = repeatSums([at(1000, 'a'), at(1002, 'b')]);
  const copy = repeatSums([at(1000, 'a'), at(1002, 'b'), at(1003, 'c'), at(900, 'd', 300), at(902, 'e', 300)]);
  expect(countedOnce([...original, ...copy])).toEqual(copy);
  expect(countedOnce([...copy, ...original])).toEqual(copy);
});

test('what is learned weighs in the survey, unless a reading has an error of its own', () => {
  const loose = [at(1000, 'a'), at(1005, 'b'), at(998, 'c'), at(1004, 'd')];
  const sdOf = (readings: Reading[]) =>
    surveyOf(jobOf(readings)).solved.ask([
      { surface: 'right', s: 24, z: 1200, weight: 1 },
      { surface: 'left', s: 24, z: 1200, weight: -1 },
    ]).sd;
  const own = loose.map((one): Reading => ({ ...one, sd: 0.3 }));
  expect(sdOf(loose)).toBeGreaterThan(0.5);
  expect(sdOf(own)).toBeLessThan(0.2);
});
