import { writeFileSync } from 'node:fs';
import type { Page, TestInfo } from '@playwright/test';
import type { Reading } from '@dormer/core/job';
import { cardLibrary, pictureNiche } from '@dormer/core/rigs/whole';
import { readingsCsv } from '@dormer/core/say/exchange';
import { AT_ONE_SIZE, expect, test, type Person } from './person';

/** Makes a job of a cavity whose readings come in from a table. */
async function measured(
  { page }: Person,
  info: TestInfo,
  { name, units, readings }: { name: string; units: 'mm' | 'inches'; readings: readonly Reading[] },
): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByRole('radio', { name: 'Cavity', exact: true }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill(name);
  await page.getByRole('radio', { name: units, exact: true }).click();
  await page.getByRole('button', { name: 'Start measuring' }).click();
  const file = info.outputPath('readings.csv');
  writeFileSync(file, readingsCsv(readings));
  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Import readings (CSV)' }).click();
  await (await choosing).setFiles(file);
  await expect(page.getByText(`${readings.length} readings taken`)).toBeVisible();
}

/** Ticks every step until the last. @returns their names, in the order they were done */
async function built(page: Page): Promise<string[]> {
  const heading = page.getByTestId('step-card').getByRole('heading');
  const done = page.getByRole('button', { name: 'Done', exact: true });
  const over = page.getByText('All steps are done.');
  const names: string[] = [];
  for (;;) {
    await expect(done.or(over).first()).toBeVisible();
    if (await over.isVisible()) return names;
    const name = (await heading.textContent()) ?? '';
    names.push(name);
    await done.click();
    await expect(
      heading.filter({ hasText: new RegExp(`^${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$`) }),
    ).toBeHidden();
  }
}

test(
  'a niche with a picture frame goes from the first reading to the last tick',
  AT_ONE_SIZE,
  async ({ person, page }, info) => {
    await measured(person, info, { name: 'Niche', units: 'mm', readings: pictureNiche().readings });
    await person.planned();
    // The largest box, then one of a size of its own.
    await page.getByRole('radio', { name: 'My own size' }).click();
    await person.setLength('Width of the box, outside', '410');
    await person.setLength('Height of the box, outside', '612');
    await person.setLength('Width of the face trim', '45');
    await person.setLength('Thickness of the face trim', '15');
    await person.setLength('Reveal', '3');
    await person.planned();

    await person.stage('Shelves');
    await page.getByRole('button', { name: 'Remove one shelf' }).click();
    await person.tab('Supports');
    await person.setLength('Real thickness', '12');
    await person.planned();
    await page.getByRole('button', { name: 'Pine' }).first().click();
    await page.getByRole('radio', { name: /^Birch plywood/ }).click();
    await page.getByRole('button', { name: 'Close' }).click();
    await person.planned();

    // By hand: inside 410 − 2 × 12 = 386; trim to the long point 386 + 6 + 90 = 482 and 588 + 96 = 684; the shelf on
    // pins is 3 shorter than the inside, the fixed one is cut with the top and the bottom.
    const pieces = await person.cutList();
    for (const row of [
      /BL Left box side.*length: 612 mm/,
      /BT .*length: 386 mm/,
      /TT Top trim, length: 482 mm/,
      /TL Left trim, length: 684 mm/,
      /2S Board, length: 383 mm/,
    ])
      expect(pieces).toMatch(row);

    // Trim of hardwood, oiled; the rest is painted.
    await page.getByRole('radio', { name: 'Buy', exact: true }).click();
    await page.getByRole('button', { name: 'Set coats' }).click();
    const sheet = page.getByRole('dialog');
    await sheet
      .getByRole('radiogroup', { name: 'Coats: Front strips and trim' })
      .getByRole('radio', { name: 'Own coats' })
      .click();
    const trim = sheet.getByRole('group', { name: 'Front strips and trim' });
    for (let left = 3; left > 0; left -= 1) await trim.getByRole('button', { name: /^Delete coat 1/ }).click();
    await trim.getByRole('button', { name: 'Oil', exact: true }).click();
    await trim.getByRole('button', { name: 'Oil', exact: true }).click();
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(page.getByText('Front strips and trim: Oil → Oil')).toBeVisible();
    for (const line of ['Oil', 'Primer', 'Paint', 'Shelf pins', 'Packers, in pairs'])
      await expect(page.getByRole('checkbox', { name: new RegExp(`In the basket: ${line}`) })).toBeVisible();
    await person.axe();

    await person.stage('Build');
    const steps = await built(page);
    const order = ['Oil, coat 1', 'Set the box into the wall', 'Fit the face trim', 'Load the shelves'].map((name) =>
      steps.indexOf(name),
    );
    expect(order).not.toContain(-1);
    expect(order[2]).toBeGreaterThan(Math.max(order[0]!, order[1]!));
    expect(steps.indexOf('Clean the pin holes')).toBeGreaterThan(steps.indexOf('Paint, coat 2'));
    expect(steps.indexOf('Clean the pin holes')).toBeLessThan(steps.indexOf('Set the box into the wall'));
    await person.saved();
  },
);

test(
  'a card library in a stair wall goes from the first reading to the last tick, in inches',
  AT_ONE_SIZE,
  async ({ person, page }, info) => {
    await measured(person, info, { name: 'Card library', units: 'inches', readings: cardLibrary().readings });
    await person.planned();
    await page.getByRole('radio', { name: 'My own size' }).click();
    await person.setLength('Width of the box, outside', '22 3/4');
    await person.setLength('Height of the box, outside', '86 3/4');
    await person.setLength('Width of the face trim', '1 3/4');
    await person.setLength('Reveal', '1/8');
    await page.getByRole('checkbox', { name: 'Back panel' }).click();
    await person.setLength('Thickness of the back panel', '1/8');
    await page.getByRole('radio', { name: 'In rabbets of the sides' }).click();
    await person.planned();

    await person.stage('Shelves');
    for (let more = 3; more < 9; more += 1) await page.getByRole('button', { name: 'Add one shelf' }).click();
    await person.tab('Supports');
    await person.setLength('Real thickness', '1/2');
    await page.getByRole('radio', { name: 'In dados' }).click();
    await person.setLength('Depth of dados', '3/16');
    await person.planned();

    // By hand: inside 22 3/4 − 1 = 21 3/4; the fixed shelf reaches 3/16 into each side, 22 1/8; those on pins are 1/8
    // shorter than the inside, 21 5/8. Trim to the long point 21 3/4 + 1/4 + 3 1/2 = 25 1/2, 85 3/4 + 3 3/4 = 89 1/2.
    const pieces = await person.cutList();
    for (const row of [
      /BL Left box side, length: 86 3\/4 in/,
      /BT Box top, length: 21 3\/4 in/,
      /5S Board, length: 22 1\/8 in/,
      /1S Board, length: 21 5\/8 in/,
      /TT Top trim, length: 25 1\/2 in/,
      /TL Left trim, length: 89 1\/2 in/,
    ])
      expect(pieces).toMatch(row);

    await page.getByRole('radio', { name: 'Buy', exact: true }).click();
    await page.getByRole('radio', { name: 'Clear coat', exact: true }).click();
    for (const line of ['Clear coat', 'Shelf pins', 'Shims, in pairs', 'Wood glue'])
      await expect(page.getByRole('checkbox', { name: new RegExp(`In the basket: ${line}`) })).toBeVisible();

    // Wood 1/2 in thick is sold in 6 ft at the most: sides and long trim are planed down from 3/4 in.
    await person.stage('Build');
    const steps = await built(page);
    const order = [
      /^Plane \d+ pieces/,
      /^Cut the joints/,
      /^Clear coat 2/,
      /^Clean the pin holes/,
      /^Set the box/,
      /^Load/,
    ];
    const at = order.map((name) => steps.findIndex((step) => name.test(step)));
    expect(at).toEqual([...at].sort((a, b) => a - b));
    expect(at).not.toContain(-1);
    await person.saved();
  },
);
