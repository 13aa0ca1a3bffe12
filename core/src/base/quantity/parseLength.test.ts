import fc from 'fast-check';
import { formatLength, parseLength, shownPrecisionMm, type JobUnit, type LengthStyle } from '.';

const mmOf = (typed: string, unit: JobUnit = 'in') => {
  const read = parseLength(typed, { unit });
  if (!read.ok) throw new Error(`${typed}: ${read.error.code}`);
  return read.value.mm;
};
const codeOf = (typed: string, unit: JobUnit = 'in', sign?: 'positive' | 'any') => {
  const read = parseLength(typed, { unit, sign });
  return read.ok ? `read as ${read.value.mm}` : read.error.code;
};

describe('what people type', () => {
  test.each<[string, JobUnit, number]>([
    ['1127', 'mm', 1127],
    ['1127mm', 'in', 1127],
    ['112.7 cm', 'mm', 1127],
    ['1.127 m', 'mm', 1127],
    ['112,7', 'cm', 1127],
    ['1126,5', 'mm', 1126.5],
    ['1,127 m', 'mm', 1127],
    ['41 5/8', 'in', 41.625 * 25.4],
    ['41-5/8"', 'in', 41.625 * 25.4],
    ['41 5/8 in', 'mm', 41.625 * 25.4],
    ['41 5 / 8', 'in', 41.625 * 25.4],
    ['41.625 in', 'mm', 41.625 * 25.4],
    [`6' 3/4"`, 'mm', 72.75 * 25.4],
    ['6ft 1 1/2in', 'mm', 73.5 * 25.4],
    [`5' 11 15/16"`, 'in', 71.9375 * 25.4],
    [`5'-11 15/16"`, 'in', 71.9375 * 25.4],
    [`6'`, 'in', 72 * 25.4],
    [`5' 11`, 'in', 71 * 25.4],
    ['3/8', 'in', 0.375 * 25.4],
    ['41⅝″', 'mm', 41.625 * 25.4],
    ['5′ 11″', 'mm', 71 * 25.4],
    ['41 5⁄8', 'in', 41.625 * 25.4],
    ['41 5/8 - 3/16', 'in', 41.4375 * 25.4],
    ['41 5/8 − 3/16', 'in', 41.4375 * 25.4],
    ['3*12 1/2', 'in', 37.5 * 25.4],
    ['12 1/2 × 3', 'in', 37.5 * 25.4],
    ['2x600 + 18', 'mm', 1218],
    ['1127-3', 'mm', 1124],
    ['12 mm + 3 in', 'mm', 88.2],
    ['0', 'mm', 0],
    ['.5', 'in', 12.7],
    [' 1127 ', 'mm', 1127],
    ['41 5/8 strong', 'in', 41.625 * 25.4 + 25.4 / 64],
    ['41 5/8 shy', 'in', 41.625 * 25.4 - 25.4 / 64],
  ])('%s in a job of %s', (typed, unit, mm) => {
    expect(mmOf(typed, unit)).toBeCloseTo(mm, 9);
  });

  test('what was typed is kept as typed', () => {
    expect(parseLength(' 41-5/8" ', { unit: 'in' })).toEqual({
      ok: true,
      value: { mm: 1057.275, typed: '41-5/8"', unit: 'in' },
    });
  });
});

describe('what is refused, and why', () => {
  test.each<[string, JobUnit, string]>([
    ['', 'mm', 'quantity.empty'],
    ['   ', 'mm', 'quantity.empty'],
    ['41 5/0', 'in', 'quantity.zeroDenominator'],
    ['5/', 'in', 'quantity.unfinished'],
    ['/8', 'in', 'quantity.unfinished'],
    ['41 +', 'in', 'quantity.unfinished'],
    ['3 *', 'in', 'quantity.unfinished'],
    ['--3', 'in', 'quantity.doubleSign'],
    ['4 + - 3', 'in', 'quantity.doubleSign'],
    ['12 mm 3 in', 'mm', 'quantity.mixedUnits'],
    [`6' 20 mm`, 'in', 'quantity.mixedUnits'],
    ['1127 1', 'mm', 'quantity.notUnderstood'],
    ['about 40', 'in', 'quantity.notUnderstood'],
    ['41 9/8', 'in', 'quantity.notUnderstood'],
    ['4.5 1/2', 'in', 'quantity.notUnderstood'],
    ['3 * 2 in * 4', 'in', 'quantity.notUnderstood'],
    ['1..2', 'mm', 'quantity.notUnderstood'],
    ['1/2/3', 'in', 'quantity.notUnderstood'],
    ['31 m', 'mm', 'quantity.tooLarge'],
    ['30001', 'mm', 'quantity.tooLarge'],
    ['9'.repeat(60), 'mm', 'quantity.tooLarge'],
    ['1'.repeat(65), 'mm', 'quantity.tooLong'],
    ['-5', 'mm', 'quantity.negative'],
    ['3 - 5', 'mm', 'quantity.negative'],
    ['1,127', 'mm', 'quantity.ambiguousComma'],
    ['41 5/8', 'mm', 'quantity.fractionNeedsInches'],
  ])('%p in a job of %s', (typed, unit, code) => {
    expect(codeOf(typed, unit)).toBe(code);
  });

  test.each<[string, JobUnit, number, number]>([
    [`3' - 6"`, 'in', 42, 30],
    [`3' -6 1/2"`, 'in', 42.5, 29.5],
    [`3'- 6`, 'in', 42, 30],
    ['3 ft - 1/2 in', 'in', 36.5, 35.5],
    [`2' - 3" + 1/2"`, 'in', 27.5, 21.5],
    ['415/8', 'in', 41.625, 51.875],
    ['11/2', 'in', 1.5, 5.5],
    ['41/16', 'in', 4.0625, 2.5625],
    ['1115/16 in', 'mm', 11.9375, 69.6875],
    [`5' 11/2"`, 'in', 61.5, 65.5],
    ['415/8 - 1/16', 'in', 41.5625, 51.8125],
    [`1'127`, 'mm', 1127 / 25.4, 139],
    ['1’127,5', 'mm', 1127.5 / 25.4, 139.5],
    ['1000-3/4"', 'mm', 1000 / 25.4 - 0.75, 1000.75],
    ['100-3/4 in', 'cm', 1000 / 25.4 - 0.75, 100.75],
  ])('%p in a job of %s is asked about, and both answers can be read', (typed, unit, first, second) => {
    const read = parseLength(typed, { unit });
    if (read.ok) throw new Error(`read as ${read.value.mm}`);
    expect(read.error.code).toBe('quantity.twoMeanings');
    const params = read.error.params as unknown as Record<'first' | 'second', { text: string }>;
    expect(mmOf(params.first.text, unit) / 25.4).toBeCloseTo(first, 9);
    expect(mmOf(params.second.text, unit) / 25.4).toBeCloseTo(second, 9);
  });

  test.each<[string, JobUnit, number]>([
    [`3'-6"`, 'in', 42],
    [`3' - 18"`, 'in', 18],
    [`3' 6" - 2"`, 'in', 40],
    ["3' - 20 mm", 'in', 36 - 20 / 25.4],
    ["6' - 2'", 'in', 48],
    ['9/8', 'in', 1.125],
    ['100/8', 'in', 12.5],
    ['41-5/8', 'in', 41.625],
    [`1' 127"`, 'in', 139],
  ])('%p in a job of %s has one meaning', (typed, unit, inches) => {
    expect(mmOf(typed, unit) / 25.4).toBeCloseTo(inches, 9);
  });

  test('a length that was kept is read as ever', () => {
    expect(parseLength(`3' - 6"`, { unit: 'in', kept: true })).toMatchObject({ ok: true, value: { mm: 762 } });
  });

  test('zero and less only where they make sense', () => {
    expect(codeOf('0', 'mm', 'positive')).toBe('quantity.notPositive');
    expect(codeOf('-5', 'mm', 'any')).toBe('read as -5');
  });

  test('what is suggested instead can itself be read', () => {
    const read = parseLength('41 5/0', { unit: 'in' });
    const example = read.ok ? undefined : read.error.params.example;
    expect(example).toEqual({ kind: 'text', text: '41 5/8' });
    expect(codeOf('12 mm + 3 in', 'mm')).toMatch(/^read as 88\.(2|19999)/);
  });
});

describe('for any input', () => {
  test('parsing never throws, and never gives a number that is not one', () => {
    const unit = fc.constantFrom<JobUnit>('mm', 'cm', 'in');
    const piece = fc.constantFrom(
      '1',
      '12',
      '5/8',
      ' ',
      '.',
      ',',
      '/',
      '-',
      '+',
      '*',
      "'",
      '"',
      'mm',
      'ft',
      'x',
      '⅝',
      'shy',
    );
    const mash = fc.array(piece, { maxLength: 12 }).map((pieces) => pieces.join(''));
    fc.assert(
      fc.property(fc.oneof(fc.string({ unit: 'grapheme' }), mash), unit, (typed, jobUnit) => {
        const read = parseLength(typed, { unit: jobUnit, sign: 'any' });
        return !read.ok || (Number.isFinite(read.value.mm) && Math.abs(read.value.mm) <= 30_000);
      }),
      { numRuns: 3000 },
    );
  });

  test('what is formatted parses back to within half of the precision shown', () => {
    const style = fc.oneof(
      fc.record({ unit: fc.constantFrom('mm', 'cm', 'm', 'decimal-in'), decimals: fc.integer({ min: 0, max: 4 }) }),
      fc.record({
        unit: fc.constant('in'),
        denominator: fc.constantFrom(8, 16, 32),
        feetAboveIn: fc.constantFrom(undefined, 12, 96),
      }),
    );
    const length = fc.double({ min: -29_000, max: 29_000, noNaN: true });
    fc.assert(
      fc.property(length, style, (mm, chosen) => {
        const shown = { ...chosen, withUnit: true } as LengthStyle;
        const back = parseLength(formatLength(mm, shown), { unit: 'mm', sign: 'any' });
        if (!back.ok) return false;
        return Math.abs(back.value.mm - mm) <= shownPrecisionMm(shown) / 2 + 1e-9;
      }),
      { numRuns: 3000 },
    );
  });
});
