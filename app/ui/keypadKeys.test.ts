import fc from 'fast-check';
import { parseLength } from '@dormer/core/base/quantity';
import { afterKey, BACK, DIGITS, FEET, fractionRows, MINUS, NEXT, PLUS, POINT, TIMES, type PadKey } from './keypadKeys';

const strip = fractionRows('in', '1/16in', false).flat();
const named = (name: string): PadKey => {
  const all = [
    ...DIGITS,
    ...strip,
    ...fractionRows('in', '1/32in', true).flat(),
    POINT,
    BACK,
    PLUS,
    MINUS,
    TIMES,
    FEET,
    NEXT,
  ];
  const key = all.find((padKey) => (padKey.text === '' ? padKey.kind : padKey.text) === name);
  if (!key) throw new Error(`no key ${name}`);
  return key;
};
const press = (names: string, start = '') =>
  names.split(' ').reduce((text, name, index) => afterKey(text, named(name), index === 0), start);

test.each([
  ['4 1 5/8', '41 5/8'],
  ['4 1 5/8 − 3/16', '41 5/8 − 3/16'],
  ['5/8', '5/8'],
  ['4 1 5/8 3/4', '41 3/4'],
  ["6 ' 1 1/2", "6' 1 1/2"],
  ["6 ' 3/4", "6' 3/4"],
  ['1 1 2 . 7', '112.7'],
  ['3 × 1 2 1/2', '3 × 12 1/2'],
  ['1 0 + − 2', '10 − 2'],
])('%s writes %s, which is a length', (keys, text) => {
  expect(press(keys)).toBe(text);
  expect(parseLength(text, { unit: 'in' }).ok).toBe(true);
});

test('back takes away what one key wrote', () => {
  expect(press('4 1 5/8 back')).toBe('41');
  expect(press('4 1 + back')).toBe('41');
  expect(press('4 1 back')).toBe('4');
});

test('the first key replaces a standing value, a sign goes on from it', () => {
  expect(afterKey('1127', named('9'), true)).toBe('9');
  expect(afterKey('1127', PLUS, true)).toBe('1127 + ');
  expect(afterKey('1127', BACK, true)).toBe('112');
});

test('the strip reads like a tape: every sixteenth once, coarse and fine', () => {
  const values = strip.map((key) => (key.kind === 'fraction' ? key.over / key.under : NaN)).sort((a, b) => a - b);
  expect(values).toEqual(Array.from({ length: 15 }, (_, i) => (i + 1) / 16));
  expect(fractionRows('in', '1/32in', true).flat()).toHaveLength(16);
  expect(fractionRows('mm', '0.5mm', false)).toEqual([]);
});

test('no keys write what makes the reader fall over', () => {
  const key = fc.constantFrom(...[...DIGITS, ...strip, POINT, BACK, PLUS, MINUS, TIMES, FEET]);
  fc.assert(
    fc.property(fc.array(key, { maxLength: 20 }), (keys) => {
      const text = keys.reduce((written, padKey, index) => afterKey(written, padKey, index === 0), '');
      expect(typeof parseLength(text, { unit: 'in' }).ok).toBe('boolean');
    }),
  );
});
