import { typedLength, type Stud } from '../../job';
import { studAdvice } from '.';

const studs = (...from: number[]): Pick<Parameters<typeof studAdvice>[0], 'studs'> => ({
  studs: from.map((mm, i): Stud => ({
    id: `s${i}`,
    wall: 'back',
    from: typedLength(String(mm), 'mm'),
    found: 'magnet',
  })),
});
const advice = (length: number, ...from: number[]) => studAdvice(studs(...from), 'back', length, 'mm');

test('nothing is said of a wall where none was found', () => {
  expect(advice(2000)).toBeNull();
  expect(studAdvice(studs(400), 'left', 2000, 'mm')).toBeNull();
});

test('one alone says where to try at the usual spacings, and no more', () => {
  expect(advice(1100, 500)).toEqual({ wall: 'back', state: 'one', spacingMm: null, tryMm: [900, 100], odd: [] });
  // Studs of a house built in inches stand 16 or 24 in apart.
  const inches = studAdvice(studs(700), 'back', 2000, 'in')?.tryMm.map((mm) => (mm - 700) / 25.4);
  expect(inches).toEqual([16, -16, 24, -24].map((one) => expect.closeTo(one, 9)));
});

test.each([
  ['400', [300, 700, 1505], 400, [1100, 1900]],
  ['16 in', [300, 706.4, 1519.2], 406.4, [1112.8, 1925.6]],
  ['600', [200, 800], 600, [1400]],
])('studs %s apart: the next stand where they should', (_, from, spacing, next) => {
  const found = advice(1990, ...from);
  expect(found).toMatchObject({ state: 'holds', spacingMm: spacing, odd: [] });
  const tries = found?.tryMm ?? [];
  for (const mm of next) expect(tries.some((one) => Math.abs(one - mm) < 6)).toBe(true);
  for (const mm of from) expect(tries.every((one) => Math.abs(one - mm) > 100)).toBe(true);
});

test('one that does not keep the spacing is named, the others still lead', () => {
  expect(advice(2100, 410, 812, 1215, 1490, 2010)).toMatchObject({ state: 'broken', spacingMm: 400, odd: ['s3'] });
});

test('two that keep no usual spacing lead nowhere', () => {
  expect(advice(2000, 300, 805)).toMatchObject({ state: 'broken', spacingMm: null, tryMm: [] });
});
