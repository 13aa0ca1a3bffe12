import { formatLength, styleFor, tapeStepName, usualTape } from '.';

const inch = (inches: number) => inches * 25.4;

describe('metric', () => {
  test.each<[number, string]>([
    [1127, '1127'],
    [1126.5, '1126.5'],
    [1126.04, '1126'],
    [-3.25, '−3.3'],
    [-0.01, '0'],
  ])('%d mm', (mm, shown) => expect(formatLength(mm, { unit: 'mm' })).toBe(shown));

  test('other units, with their sign', () => {
    expect(formatLength(1127, { unit: 'cm', withUnit: true })).toBe('112.7 cm');
    expect(formatLength(1127, { unit: 'm', withUnit: true })).toBe('1.127 m');
    expect(formatLength(inch(41.625), { unit: 'decimal-in', withUnit: true })).toBe('41.625 in');
  });
});

describe('fractions of an inch', () => {
  test.each<[number, 8 | 16 | 32, string]>([
    [inch(41.625), 16, '41 5/8'],
    [inch(0.375), 16, '3/8'],
    [inch(12), 16, '12'],
    [0, 16, '0'],
    [inch(41.625) + 0.3, 16, '41 5/8'],
    [inch(41.625) - 0.3, 16, '41 5/8'],
    [inch(41.625) + 0.05, 16, '41 5/8'],
    [inch(1 / 32), 16, '1/16'],
    [inch(1 / 32), 32, '1/32'],
    [inch(0.99), 8, '1'],
    [inch(-0.1875), 16, '−3/16'],
  ])('%d mm to 1/%d', (mm, denominator, shown) => {
    expect(formatLength(mm, { unit: 'in', denominator })).toBe(shown);
  });

  test('nothing has no sign', () => {
    expect(formatLength(-0.3, { unit: 'in' })).toBe('0');
  });

  test('feet are counted out at and above the chosen size', () => {
    const style = { unit: 'in', feetAboveIn: 72 } as const;
    expect(formatLength(inch(71.9375), style)).toBe('71 15/16');
    expect(formatLength(inch(72.75), style)).toBe(`6' 3/4"`);
    expect(formatLength(inch(84), style)).toBe(`7' 0"`);
  });
});

test('a figure that is none is a dash, not NaN', () => {
  expect(formatLength(Number.NaN, { unit: 'mm' })).toBe('–');
});

test('a job shows its figures in the marks of its tape', () => {
  expect(styleFor('in', '1/32in')).toEqual({ unit: 'in', denominator: 32 });
  expect(styleFor('mm', usualTape('mm'))).toEqual({ unit: 'mm', decimals: 1 });
  expect(tapeStepName('1/16in')).toBe('1/16 in');
  expect(tapeStepName('0.5mm')).toBe('0.5 mm');
});
