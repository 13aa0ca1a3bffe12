import { listWords, moneyWords, runWords, volumeWords } from './amounts';

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

test.each([
  [750, '750 ml', '25 fl oz'],
  [2500, '2.5 l', '85 fl oz'],
  [237, '237 ml', '1/2 pint'],
  [3785, '3.79 l', '1 gallon'],
  [0.4, '1 ml', '1 fl oz'],
])('%d ml', (ml, inMetric, inInches) => {
  expect(volumeWords(ml, metric)).toBe(inMetric);
  expect(volumeWords(ml, { units: 'in' })).toBe(inInches);
});

test('what comes off a roll is told in metres or feet', () => {
  expect(runWords(7320, metric)).toBe('7.3 m');
  expect(runWords(7320, { units: 'in' })).toBe('24 ft');
  expect(runWords(15_240, { units: 'in' })).toBe('50 ft');
});

test('a list and money as each region writes them', () => {
  expect(listWords([1, 2, 4], { units: 'in' })).toBe('1, 2, and 4');
  expect(listWords([1, 2, 4], { units: 'in', region: 'uk' })).toBe('1, 2 and 4');
});
