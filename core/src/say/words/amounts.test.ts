import { listWords, moneyWords } from './amounts';

test('money stands as the reader writes it, in a currency that is known or not', () => {
  expect(moneyWords(1234.5, '€')).toBe('€1,234.50');
  expect(moneyWords(80, '$')).toBe('$80.00');
  expect(moneyWords(0.999, '£')).toBe('£1.00');
  expect(moneyWords(1234.5, 'kr')).toBe('kr 1,234.50');
});

test('a list ends with "and"; a single name stands alone', () => {
  expect(listWords([1, 2, 4])).toBe('1, 2 and 4');
  expect(listWords(['cleat', 'nosing'])).toBe('cleat and nosing');
  expect(listWords(['cleat'])).toBe('cleat');
  expect(listWords([])).toBe('');
});
