import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, expect, test, type Person } from './person';
import { Tour } from './tour';

/** Everything a person reads or hears on a page, what they typed themselves left out. */
const said = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const names = [...document.querySelectorAll('[aria-label], [placeholder]')].flatMap((one) =>
      ['aria-label', 'aria-valuetext', 'placeholder'].map((name) => one.getAttribute(name) ?? ''),
    );
    const drawn = [...document.querySelectorAll('svg text, svg title')].map((one) => one.textContent ?? '');
    return [document.body.innerText, ...names, ...drawn].join('\n');
  });

/** Walks through every stage and all that opens there; returns everything that was said on the way. */
async function walk(person: Person): Promise<string> {
  const heard: string[] = [];
  await new Tour(person, async () => void heard.push(await said(person.page))).everywhere();
  return heard.join('\n');
}

/** Lines in which a pattern is found, each once. */
const lines = (text: string, pattern: RegExp): string[] => [
  ...new Set(text.split('\n').filter((line) => pattern.test(line))),
];

test('an inch job in the US has American words and no metric figure', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Cloakroom closet');
  const heard = await walk(person);
  expect(heard.length).toBeGreaterThan(5000);
  expect(heard).toMatch(/\d\/16 in\b/);
  expect(heard).toMatch(/\$\d/);
  expect(heard).toContain('cleat');
  expect(lines(heard, /\d\s?(mm|cm|m|kg|ml|l)\b|N\/mm²|kg\/m³/)).toEqual([]);
  expect(lines(heard, /\b(batten|skirting|lipping|plasterboard|timber|mitre|centre|packers?)\b/i)).toEqual([]);
  expect(lines(heard, /\b(strong|shy)\b/)).toEqual([]);
  // The clock has twelve hours.
  expect(lines(heard, /^Done by/)[0]).toMatch(/\d:\d\d [AP]M/);
  await page.getByRole('button', { name: 'Job menu' }).click();
  await expect(page.getByRole('radio', { name: 'US', exact: true })).toBeChecked();
});

test('a metric job in the UK has British words and no inch', AT_ONE_SIZE, async ({ person }) => {
  await person.open('Chimney alcove');
  const heard = await walk(person);
  expect(heard).toContain('batten');
  expect(heard).toMatch(/£\d/);
  expect(lines(heard, /\d\s?(in|ft|lb|lbs|oz|psi)\b/)).toEqual([]);
  expect(lines(heard, /\b(cleats?|baseboard|edging|drywall|lumber|miter|center|outlets?)\b/i)).toEqual([]);
  expect(lines(heard, /^Done by/)[0]).toMatch(/\d\d:\d\d$/);
});

test(
  'the region of a job is one choice: words, money and paper follow, figures stay',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Chimney alcove');
    await page.getByRole('button', { name: 'Job menu' }).click();
    await page.getByRole('radio', { name: 'US', exact: true }).click();
    await expect(page.getByRole('radio', { name: '$' })).toBeChecked();
    await page.keyboard.press('Escape');
    await person.stage('Cut');
    await expect(page.getByRole('button', { name: /^1B Back cleat, length: 1118\.5 mm/ })).toBeVisible();
    await page.getByRole('button', { name: 'Show template' }).click();
    await expect(page.getByRole('button', { name: 'Save PDF (Letter)' })).toBeVisible();
    await page.keyboard.press('Escape');
    await person.undo();
    await expect(page.getByRole('button', { name: /^1B Back batten, length: 1118\.5 mm/ })).toBeVisible();
  },
);
