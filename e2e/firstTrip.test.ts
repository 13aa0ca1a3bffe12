import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, expect, test, type Person } from './person';

/** What is printed of the work, as text; it is taken down again. */
async function stepsOnPaper({ page }: Person): Promise<string> {
  await page.getByRole('radio', { name: 'Trips', exact: true }).click();
  await expect(page.getByText(/\d+ trips?, .* with drying/)).toBeVisible();
  return printed(page, 'trips-sheet');
}

async function printed(page: Page, sheet: string): Promise<string> {
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  const paper = page.getByTestId(sheet);
  await expect(paper).toBeAttached();
  const text = await paper.innerText();
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(paper).toHaveCount(0);
  return text;
}

const turn = (page: Page, tab: 'Pieces' | 'Layouts' | 'Buy' | 'At the saw') =>
  page.getByRole('radio', { name: tab, exact: true }).click();

/** Ticks every cut at the saw until all is cut. @returns what was told of the cuts that shape pieces */
async function sawn(page: Page): Promise<{ words: string; figure: string }[]> {
  const card = page.getByTestId('saw-card');
  const done = page.getByRole('button', { name: 'Cut', exact: true });
  const over = page.getByText('All cut');
  const told: { words: string; figure: string }[] = [];
  for (;;) {
    await expect(done.or(over).first()).toBeVisible();
    if (await over.isVisible()) return told;
    const words = await card.innerText();
    if (words.includes('shaping')) {
      told.push({ words, figure: (await page.getByTestId('saw-figure').textContent()) ?? '' });
    }
    await done.click();
    await expect(page.getByText(words.split('\n')[0] as string, { exact: true })).toHaveCount(0);
  }
}

test(
  'the saw, the step and the paper tell the ends of each board alike, and only then all is cut',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    test.slow();
    await person.open('Chimney alcove');
    await person.stage('Cut');
    await turn(page, 'Layouts');
    await expect(page.getByText(/the cheapest possible/).first()).toBeVisible();
    await expect(page.getByText(/Working out the layouts/)).toHaveCount(0);
    const onPaper = await printed(page, 'layout-sheet');

    await turn(page, 'At the saw');
    await page.getByRole('button', { name: 'Start cutting' }).click();
    const card = page.getByTestId('saw-card');
    // Squaring has no large figure: the first one that is read is a cut that matters.
    await expect(card).toContainText('Square one end');
    await expect(page.getByTestId('saw-figure')).toHaveCount(0);
    const told = await sawn(page);
    const fourth = told.find((one) => one.words.includes('4S, left end'));
    // Five boards, both ends of each.
    expect(told).toHaveLength(10);
    expect(fourth?.figure).toBe('5.5 mm');
    const line = /4S, left end: mark 5\.5 mm from the end on the back edge\. .*1\.0° off square, 5\.5 mm over 320 mm\./;
    expect(fourth?.words).toMatch(line);
    expect(onPaper).toMatch(line);
    await expect(page.getByText(/25 of 25 pieces cut/)).toBeVisible();

    // When all is cut, nothing of it is bought again.
    await page.getByRole('button', { name: 'Store offcuts' }).click();
    await turn(page, 'Buy');
    await expect(page.getByText(/all pieces are cut, or their boards are on the saw/)).toBeVisible();
    await expect(page.getByRole('checkbox', { name: /pine/ })).toHaveCount(0);

    // The step has the same ends, and the board by its longer edge when it is finished.
    await turn(page, 'Pieces');
    await person.stage('Build');
    const steps = await stepsOnPaper(person);
    expect(steps).toMatch(line);
    const finished = /4S then measures ([\d.]+) mm along the back edge, ([\d.]+) mm along the front edge/.exec(steps);
    const longer = Math.max(Number(finished?.[1]), Number(finished?.[2]));
    expect(steps).toContain(`Board 4S, longer edge: ${longer} mm`);
  },
);

test(
  'a cavity box at the saw: both ends of its four trims are mitred before all is cut, and the step says the same',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    test.slow();
    await person.open('Stair cavity');
    await person.stage('Cut');
    await turn(page, 'At the saw');
    await page.getByRole('button', { name: 'Start cutting' }).click();
    const told = await sawn(page);
    const mitred = told.filter(({ words }) => words.includes('45° from the long point'));
    expect(mitred.map(({ figure }) => figure)).toEqual(Array.from({ length: 8 }, () => '45°'));
    // The head and the foot, the left and the right, each at both ends.
    for (const piece of ['TT', 'TB', 'TL', 'TR']) {
      expect(mitred.filter(({ words }) => words.includes(`${piece}, `))).toHaveLength(2);
    }
    await person.stage('Build');
    const steps = await stepsOnPaper(person);
    const { words = '' } = mitred.find((one) => one.words.includes('TL, bottom end')) ?? {};
    const [, cut = ''] = /TL, (bottom end: .*)/.exec(words) ?? [];
    expect(cut).toMatch(/2 in from the end on the right edge/);
    expect(steps).toContain(cut);
  },
);

test(
  'where no stud is known the steps say anchors, how to set them and how to test them, and they are on the list',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Window corner');
    await person.stage('Build');
    const steps = await stepsOnPaper(person);
    expect(steps).toContain('Hollow-wall fixings with their screws, in hollow board');
    expect(steps).toContain('drive its own screw until snug');
    expect(steps).toContain('Never hang your weight on hollow-wall fixings.');
    expect(steps).not.toMatch(/into studs|every stud|Hang on it/);
    const driven = [...steps.matchAll(/: (\d+) × Hollow-wall fixings/g)].map(([, figure]) => Number(figure));
    expect(driven.length).toBeGreaterThan(0);
    await person.stage('Cut');
    await turn(page, 'Buy');
    await expect(page.getByRole('checkbox', { name: /Hollow-wall fixings/ })).toBeVisible();
  },
);

test('the boards of the closet go in past their cleats, the upper one first', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Cloakroom closet');
  await person.stage('Build');
  const steps = await stepsOnPaper(person);
  expect(steps).not.toMatch(/found no way/i);
  expect(steps.indexOf('Put in shelf 2')).toBeGreaterThan(0);
  expect(steps.indexOf('Put in shelf 1')).toBeGreaterThan(steps.indexOf('Put in shelf 2'));
  expect(steps).toContain('Put the upper board in first');
  expect(steps).toMatch(/Tilt the board to 5\d\.\d° and carry it in through the front/);
  expect(steps).toMatch(/turn it down to 1[45]\.\d°\. Lift it between the side cleats/);
  await expect(page.getByText(/found no way/i)).toHaveCount(0);
});

for (const { job, pieces, figures } of [
  // Braces of six brackets, cut at both ends: the two angles of each add up to 90°.
  { job: 'Parcel bench', pieces: 6, figures: ['47.4°', '42.6°'] },
  // Three shelves cut to a template and slotted for their rails, and a hole for cables.
  { job: 'Window corner', pieces: 3, figures: ['320 mm', '28 mm', '60 mm'] },
])
  test(
    `all that shapes the pieces of the ${job} is told at the saw and in the steps`,
    AT_ONE_SIZE,
    async ({ person, page }) => {
      test.slow();
      await person.open(job);
      await person.stage('Cut');
      await turn(page, 'At the saw');
      await page.getByRole('button', { name: 'Start cutting' }).click();
      const told = await sawn(page);
      expect([...new Set(told.map(({ figure }) => figure))]).toEqual(figures);
      expect(new Set(told.map(({ words }) => words.split('\n')[1])).size).toBe(pieces);
      const cuts = told.flatMap(({ words }) =>
        words.split('\n').flatMap((line) => /^\d[A-Z]\d?[,:] (.*)$/.exec(line)?.[1] ?? []),
      );
      expect(cuts).toHaveLength(told.length);
      await person.stage('Build');
      const steps = await stepsOnPaper(person);
      for (const cut of cuts) expect(steps).toContain(cut);
    },
  );
