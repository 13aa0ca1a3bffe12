import { readFileSync } from 'node:fs';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { Page } from '@playwright/test';
import { expect, test } from './person';

/** What a button hands to the browser. */
async function downloaded(page: Page, button: RegExp): Promise<{ name: string; data: Buffer }> {
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
  const file = await coming;
  return { name: file.suggestedFilename(), data: readFileSync(await file.path()) };
}

/** The numbers of a board as they stand large on the screen. */
const numberBy = async (page: Page, name: string): Promise<number> => {
  const text = await page.getByText(name, { exact: true }).locator('..').innerText();
  return Number(/([\d.]+) mm/.exec(text.replace(name, ''))?.[1]);
};

test('a board between its walls: its shape, its odds, its styles side by side, its template', async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Cut');
  await page.getByRole('radio', { name: 'Shelf 2' }).click();
  await expect(page.getByText('Board 2S')).toBeVisible();
  await expect(page.getByText(/Goes in 9\d times of 100/)).toBeVisible();
  const [back, front] = [await numberBy(page, 'Back edge'), await numberBy(page, 'Front edge')];
  expect(back).toBeGreaterThan(1110);
  expect(front).toBeGreaterThan(back);

  await page.getByRole('button', { name: 'Ends and fit' }).click();
  const sheet = page.getByRole('dialog');
  // All four are worked out, whatever the plan needed.
  await expect(sheet.getByText(/caulk hides it \d+ of 100/)).toHaveCount(4);
  await sheet.getByRole('radio', { name: /^Square/ }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/^Your choice: square ends leave about/)).toBeVisible();
  await expect.poll(() => numberBy(page, 'Front edge')).toBe(await numberBy(page, 'Back edge'));
  await person.undo();
  await expect.poll(() => numberBy(page, 'Front edge')).toBe(front);

  await page.getByRole('button', { name: 'Template' }).click();
  await expect(page.getByRole('table', { name: 'Left end by offsets' })).toBeVisible();
  const pdf = await downloaded(page, /PDF on one large sheet/);
  expect(pdf.name).toBe('Chimney-alcove-reading-room-2S-sheet.pdf');
  const read = await getDocument({ data: new Uint8Array(pdf.data), verbosity: 0 }).promise;
  expect(read.numPages).toBe(1);
  const drawn = await (await read.getPage(1)).getOperatorList();
  // The front edge is on the sheet at full size: the corners of every path's box are what it runs between.
  const boxes = drawn.argsArray.flatMap((args, i) => (drawn.fnArray[i] === OPS.constructPath ? [args[2] as number[]] : []));
  const lengths = boxes.map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => Math.hypot(x2 - x1, y2 - y1) / (72 / 25.4));
  for (const edge of [front, back, 100, 101.6]) {
    expect(Math.min(...lengths.map((one) => Math.abs(one - edge)))).toBeLessThan(0.05);
  }
  const pages = await downloaded(page, /PDF on A4/);
  expect((await getDocument({ data: new Uint8Array(pages.data), verbosity: 0 }).promise).numPages).toBeGreaterThan(5);
  expect((await downloaded(page, /^SVG/)).data.toString()).toContain('mm"');
  expect((await downloaded(page, /^DXF/)).data.toString()).toContain('OUTLINE');
}); // prettier-ignore

test('a board that binds when it is tried: what to shave, and the others learn from it', async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Cut');
  await page.getByRole('button', { name: 'It was tried in its place' }).click();
  await page.getByRole('radio', { name: 'Right end' }).click();
  await page.getByRole('radio', { name: 'It binds' }).click();
  await page.getByRole('textbox', { name: 'It still stands up by' }).fill('3');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('Right end, at the front: it binds, up by 3 mm')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/Right end, at the front: shave [\d.]+ mm/)).toBeVisible();
  // Shaved and tried again it leaves a gap there: what it was before no longer counts against it.
  await page.getByRole('button', { name: 'It was tried in its place' }).click();
  await expect(page.getByRole('radio', { name: 'Shaved as told' })).toBeChecked();
  await page.getByRole('radio', { name: 'Right end' }).click();
  await page.getByRole('textbox', { name: 'The gap' }).fill('1');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Note it' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/Nothing has to come off/)).toBeVisible();
  await person.saved();
});

test('the habit of a job sets how all boards are cut', async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Cut');
  await page.getByRole('radio', { name: 'Scribe to the walls' }).click();
  await expect(page.getByText(/left on to scribe, compass to/).first()).toBeVisible();
  await page.getByRole('radio', { name: 'Cut short and loose' }).click();
  await expect(page.getByRole('textbox', { name: 'Play, both ends together' })).toBeVisible();
});

test('a corner shelf: its angle, its shape, whose template it shares', async ({ person, page }) => {
  await person.open('Window corner');
  await person.stage('Cut');
  await expect(page.getByText(/^9[23]\.\d°$/).last()).toBeVisible();
  await page.getByRole('radio', { name: 'Shelf 2' }).click();
  await expect(page.getByText(/The template of shelf 1 serves for this one/)).toBeVisible();
  await page.getByRole('radio', { name: 'Clipped, five sides' }).click();
  await expect(page.getByText('Front edge', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Template' }).click();
  expect((await downloaded(page, /^DXF/)).data.toString()).toContain('ALONG THE BACK WALL');
});
