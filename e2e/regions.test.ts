import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, expect, test, type Person } from './person';

/** Everything a person reads or hears on a page, what they typed themselves left out. */
const said = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const names = [...document.querySelectorAll('[aria-label], [placeholder]')].flatMap((one) =>
      ['aria-label', 'aria-valuetext', 'placeholder'].map((name) => one.getAttribute(name) ?? ''),
    );
    const drawn = [...document.querySelectorAll('svg text, svg title')].map((one) => one.textContent ?? '');
    return [document.body.innerText, ...names, ...drawn].join('\n');
  });

/** Walks through every stage and most of what opens there; returns all that was said on the way. */
async function walk(person: Person): Promise<string> {
  const { page } = person;
  const heard: string[] = [];
  const look = async () => void heard.push(await said(page));
  const sheet = async (button: string | RegExp) => {
    await page.getByRole('button', { name: button }).first().click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await look();
    await page.keyboard.press('Escape');
  };
  await look();
  await page.getByRole('radio', { name: 'Place' }).click();
  await look();
  await person.stage('Shelves');
  for (const tab of ['Heights', 'Things', 'Marks', 'Supports'] as const) {
    await person.tab(tab);
    await look();
  }
  await page.getByRole('button', { name: /^Show (one kind of piece|\d+ kinds of pieces)$/ }).click();
  await look();
  await sheet('Pine board');
  await person.stage('Cut');
  await look();
  for (const tab of ['Layouts', 'Buy', 'At the saw']) {
    await page.getByRole('radio', { name: tab, exact: true }).click();
    if (tab !== 'At the saw') await expect(page.getByText(/Working out the layouts/)).toHaveCount(0);
    await look();
  }
  await person.stage('Build');
  await expect(page.getByTestId('step-card')).toBeVisible();
  await look();
  for (const tab of ['Trips', 'Packing', 'Calendar']) {
    await page.getByRole('radio', { name: tab, exact: true }).click();
    if (tab === 'Trips') await expect(page.getByText(/with drying$/)).toBeVisible();
    if (tab === 'Calendar') {
      await page.getByRole('button', { name: 'Make calendar' }).click();
      await expect(page.getByText(/^Done by /)).toBeVisible();
    }
    await look();
  }
  await person.stage('Log');
  await look();
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
