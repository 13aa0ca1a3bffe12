import { cutEn } from './cut.en';
import { en } from './en';
import { measureEn } from './measure.en';
import { labels } from './labels';
import { printEn } from './print.en';
import { shelvesEn } from './shelves.en';

test('every label that counts can say one and many', () => {
  const keys = [en, measureEn, cutEn, shelvesEn, printEn].flatMap((all) => Object.keys(all));
  // None is said twice.
  expect(new Set(keys).size).toBe(keys.length);
  for (const key of keys.filter((one) => one.endsWith('_one'))) {
    expect(keys).toContain(key.replace(/_one$/, '_other'));
  }
});

test('a label fills in what it is given', () => {
  expect(labels.t('jobs.readings', { count: 1 })).toBe('1 reading');
  expect(labels.t('notice.removed', { name: 'A & B' })).toBe('“A & B” is removed.');
});
