import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, downloaded, expect, test } from './person';

/** The numbers of a board as they stand large on the screen. */
const numberBy = async (page: Page, name: string): Promise<number> => {
  const text = await page.getByText(name, { exact: true }).locator('..').innerText();
  return Number(/([\d.]+) mm/.exec(text.replace(name, ''))?.[1]);
};

test('a board between its walls: its shape, its odds, its styles side by side, its template', async ({
  person,
  page,
}) => {
  await person.open('Chimney alcove');
  await person.stage('Cut');
  await page.getByRole('radio', { name: 'Shelf 2' }).click();
  await expect(page.getByText('Board 2S')).toBeVisible();
  await expect(page.getByText(/9\d % chance it fits first time/)).toBeVisible();
  const [back, front] = [await numberBy(page, 'Back edge'), await numberBy(page, 'Front edge')];
  expect(back).toBeGreaterThan(1110);
  expect(front).toBeGreaterThan(back);

  await page.getByRole('button', { name: 'Choose ends' }).click();
  const sheet = page.getByRole('dialog');
  // All four are worked out, whatever the plan needed.
  await expect(sheet.getByText(/\d+ % chance caulk hides it/)).toHaveCount(4);
  await sheet.getByRole('radio', { name: /^Square/ }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/^Your choice: square ends leave about/)).toBeVisible();
  await expect.poll(() => numberBy(page, 'Front edge')).toBe(await numberBy(page, 'Back edge'));
  await person.undo();
  await expect.poll(() => numberBy(page, 'Front edge')).toBe(front);

  await page.getByRole('button', { name: 'Show template' }).click();
  await expect(page.getByRole('table', { name: 'Left end, offsets' })).toBeVisible();
  const pdf = await downloaded(page, /^Save one-sheet PDF/);
  expect(pdf.name).toBe('Chimney-alcove-reading-room-2S-sheet.pdf');
  const read = await getDocument({ data: new Uint8Array(pdf.data), verbosity: 0 }).promise;
  expect(read.numPages).toBe(1);
  const drawn = await (await read.getPage(1)).getOperatorList();
  // The front edge is on the sheet at full size: the corners of every path's box are what it runs between.
  const boxes = drawn.argsArray.flatMap((args, i) =>
    drawn.fnArray[i] === OPS.constructPath ? [args[2] as number[]] : [],
  );
  const lengths = boxes.map(([x1 = 0, y1 = 0, x2 = 0, y2 = 0]) => Math.hypot(x2 - x1, y2 - y1) / (72 / 25.4));
  for (const edge of [front, back, 100, 101.6]) {
    expect(Math.min(...lengths.map((length) => Math.abs(length - edge)))).toBeLessThan(0.05);
  }
  const pages = await downloaded(page, /^Save PDF \(A4\)/);
  expect((await getDocument({ data: new Uint8Array(pages.data), verbosity: 0 }).promise).numPages).toBeGreaterThan(5);
  expect((await downloaded(page, /^Save SVG/)).data.toString()).toContain('mm"');
  expect((await downloaded(page, /^Save DXF/)).data.toString()).toContain('OUTLINE');
});

test(
  'a board that binds when it is tried: what to shave, and the others learn from it',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Chimney alcove');
    await person.stage('Cut');
    await page.getByRole('button', { name: 'Try in place' }).click();
    await page.getByRole('radio', { name: 'Right end' }).click();
    await page.getByRole('radio', { name: 'Too tight' }).click();
    await page.getByRole('textbox', { name: 'Still too high by' }).fill('3');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Add note' }).click();
    await expect(page.getByText('Right end, at the front: too tight, 3 mm too high')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByText(/Right end, at the front: shave [\d.]+ mm/)).toBeVisible();
    // Shaved and tried again it leaves a gap there: what it was before no longer counts against it.
    await page.getByRole('button', { name: 'Try in place' }).click();
    await expect(page.getByRole('radio', { name: 'Shaved as shown' })).toBeChecked();
    await page.getByRole('radio', { name: 'Right end' }).click();
    await page.getByRole('textbox', { name: 'Width of the gap' }).fill('1');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Add note' }).click();
    await page.keyboard.press('Escape');
    await expect(page.getByText(/Nothing needs to come off/)).toBeVisible();
    await person.saved();
  },
);

test('the habit of a job sets how all boards are cut', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Cut');
  await page.getByRole('radio', { name: 'Scribed to the walls' }).click();
  await expect(page.getByText(/left on to scribe \(set the compass to/).first()).toBeVisible();
  await page.getByRole('radio', { name: 'Short and loose' }).click();
  await expect(page.getByRole('textbox', { name: 'Play, both ends together' })).toBeVisible();
});

test('a corner shelf: its angle, its shape, whose template it shares', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Window corner');
  await person.stage('Cut');
  await expect(page.getByText(/^9[23]\.\d°$/).last()).toBeVisible();
  await page.getByRole('radio', { name: 'Shelf 2' }).click();
  await expect(page.getByText(/The template of shelf 1 fits this shelf too/)).toBeVisible();
  await page.getByRole('radio', { name: 'Clipped, five sides' }).click();
  await expect(page.getByText('Front edge', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Show template' }).click();
  expect((await downloaded(page, /^Save DXF/)).data.toString()).toContain('ALONG THE BACK WALL');
});

test('the corner of a drawing: a board touched on the elevation shows its shape', async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Shelves');
  await person.tab('Marks');
  await page.getByRole('button', { name: 'Show shelf 3' }).click();
  await page.getByRole('button', { name: 'Shape of board 3' }).click();
  await expect(page.getByRole('main', { name: 'Cut' })).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Shelf 3' })).toBeChecked();
  await expect(page.getByText('Board 3S')).toBeVisible();
});

test(
  'the box of a cavity: its trim to the long point, listed, on the saw sheet, and as wide as the gap asks',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Stair cavity');
    await person.stage('Cut');
    await expect(page.getByText('Trim hides the gap')).toBeVisible();
    const long = page.getByRole('button', { name: /^TT Top trim, length: .*Why\?$/ });
    const before = inches((await long.getAttribute('aria-label')) ?? '');
    await long.click();
    await expect(page.getByText('Reveal, twice')).toBeVisible();
    await page.keyboard.press('Escape');
    const csv = (await downloaded(page, /^Save CSV$/)).data.toString();
    expect(csv).toContain('both ends mitered 45° to the long point');
    // A reveal wider by 1/8 makes each trim longer by 1/4.
    await person.stage('Measure');
    await person.setLength('Reveal', '5/16');
    await person.stage('Cut');
    await expect.poll(async () => inches((await long.getAttribute('aria-label')) ?? '')).toBeCloseTo(before + 0.25, 6);
    await person.stage('Measure');
    await person.setLength('Width of the face trim', '3/4');
    await person.stage('Cut');
    await expect(page.getByText('Trim does not hide the gap')).toBeVisible();
    await person.saved();
  },
);

/** The length in a name like "TT Trim, head, length: 17 3/8 in Why?", inches. */
function inches(name: string): number {
  const [, whole = '0', over, under] = /length: (\d+)(?: (\d+)\/(\d+))? in/.exec(name) ?? [];
  return Number(whole) + (over ? Number(over) / Number(under) : 0);
}

test('the saw sheet: one setting to a block, its numbers those of the screen', async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Cut');
  await page.getByRole('radio', { name: 'Shelf 2' }).click();
  const [back, front] = [await numberBy(page, 'Back edge'), await numberBy(page, 'Front edge')];
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  await page.emulateMedia({ media: 'print' });
  const block = page.getByTestId('saw-block').filter({ hasText: 'Board' }).filter({ hasText: '2S' });
  await expect(block).toBeVisible();
  await expect(block).toContainText(`Back edge ${back} mm · Front edge ${front} mm`);
  await expect(block).toContainText('Mark the front edge');
  // Every row of the list has its block.
  expect(await page.getByTestId('saw-block').count()).toBeGreaterThan(8);
});

test(
  'a wall traced elsewhere comes in as readings of it, and goes out again with undo',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Chimney alcove');
    const bring = async (name: string, contents: string) => {
      const chooser = page.waitForEvent('filechooser');
      await page.getByRole('button', { name: 'Import traced wall' }).click();
      await (await chooser).setFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(contents) });
    };
    await bring('wall.svg', 'not a drawing');
    await expect(page.getByText(/cannot read this drawing/)).toBeVisible();
    await bring(
      'wall.svg',
      '<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="300mm" viewBox="0 0 100 300"><path d="M40 0 Q48 150 40 300"/></svg>',
    );
    const sheet = page.getByRole('dialog', { name: 'Traced wall' });
    await expect(sheet.getByRole('img', { name: 'Traced wall above a straight line' })).toBeVisible();
    await person.axe();
    await sheet.getByRole('textbox', { name: 'Height of the trace' }).fill('1200');
    await page.keyboard.press('Enter');
    await sheet.getByRole('button', { name: 'Add 5 readings' }).click();
    await expect(page.getByText('5 readings imported')).toBeVisible();
    // Half of 8: the curve stands off its chord by 4 in the middle.
    const middle = page.getByRole('button', {
      name: /Line along the left wall, 150 mm along, 1200 mm up: 4\. Change/,
    });
    await expect(middle).toBeVisible();
    await person.undo();
    await expect(middle).toHaveCount(0);
  },
);

test(
  'work that cannot be: each board says what is wrong with it, the others are still cut',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Chimney alcove');
    await person.stage('Shelves');
    await person.tab('Supports');
    // Deeper than the alcove.
    await person.setLength('Depth with lipping', '900');
    await expect(page.getByText(/The shelf is 900 mm deep, and the opening/)).toBeVisible();
    await person.undo();
    // Thicker than the gaps leave room for.
    await person.setLength('Real thickness', '600');
    await expect(page.getByText(/5 shelves do not fit/)).toBeVisible();
    await person.undo();
    await expect(page.getByText(/5 shelves do not fit/)).toHaveCount(0);
    // One above the ceiling.
    await person.tab('Heights');
    await page.getByRole('radio', { name: 'Typed heights' }).click();
    await person.setLength('Top of shelf 5, above the floor mark', '3000');
    await expect(page.getByText(/Shelf 5 at 3000 mm is above the ceiling/)).toBeVisible();
    const list = await person.cutList();
    expect(list).toContain('1S Board');
    expect(list).not.toContain('5S Board');
    await person.saved();
    // Walls that leave nothing between them.
    await person.newJob('No room at all');
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Import readings (CSV)' }).click();
    const rows = [
      'kind,at,side,up,value',
      'width,back,,1200,4',
      'width,front,,1200,4',
      'depth,,middle,1200,400',
      'height,front,middle,,2400',
    ];
    await (await chooser).setFiles({ name: 'r.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
    await expect(page.getByText('4 readings imported.')).toBeVisible();
    await person.stage('Cut');
    await expect(page.getByText(/Shelf 1: the walls are only about \d mm apart here/)).toHaveCount(1);
  },
);
