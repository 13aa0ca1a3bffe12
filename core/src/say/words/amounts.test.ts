import { listWords, moneyWords } from './amounts';

const metric = { units: 'mm' } as const;

test('money stands as the reader writes it, in a currency that is known or not', () => {
  expect(moneyWords(1234.5, '€', metric)).toBe('€1,234.50');
  expect(moneyWords(80, '$', metric)).toBe('$80.00');
  expect(moneyWords(0.999, '£', metric)).toBe('£1.00');
  expect(moneyWords(1234.5, 'kr', metric)).toBe('kr 1,234.50');
});

test('a list ends with "and"; a single name stands alone', () => {
  expect(listWords([1, 2, 4], metric)).toBe('1, 2 and 4');
  expect(listWords(['cleat', 'nosing'], metric)).toBe('cleat and nosing');
  expect(listWords(['cleat'], metric)).toBe('cleat');
  expect(listWords([], metric)).toBe('');
});
