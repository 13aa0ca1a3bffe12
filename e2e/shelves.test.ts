import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, downloaded, expect, test, type Person } from './person';

/** A figure in millimetres out of a name such as "Shelf 1, Top of shelf, Floor here: 727.5 mm. Why?". */
async function mark(page: Page, name: RegExp): Promise<number> {
  const text = (await page.getByRole('button', { name }).first().getAttribute('aria-label')) ?? '';
  return Number(/: ([−\d.]+) mm/.exec(text)?.[1]?.replace('−', '-'));
}

test('things are listed, shelves suit them; one is dragged and locked, the rest spaced anew, the marks read, the pole printed', async ({
  person,
  page,
}) => {
  await person.open('Chimney alcove');
  await person.stage('Shelves');
  await person.tab('Things');
  // Crates are too high for equal gaps of 306.
  await expect(page.getByRole('button', { name: 'Change Record crates' })).toContainText('No room');
  await page.getByRole('button', { name: 'Add from library' }).click();
  await page.getByRole('button', { name: 'Basket', exact: true }).click();
  await person.setLength('Height', '180');
  await page.getByRole('button', { name: 'Close' }).last().click();
  await person.tab('Heights');
  await page.getByRole('radio', { name: 'By stored things' }).click();
  await person.tab('Things');
  await expect(page.getByRole('button', { name: 'Change Record crates' })).toContainText('On shelf 1');
  await expect(page.getByText('No room')).toHaveCount(0);
  await expect(page.getByText(/^At most \d+ % worse than the best layout/)).toBeVisible();

  const before = await person.heightOf(4);
  await person.pull(4, -12);
  await expect.poll(() => person.heightOf(4)).toBeGreaterThan(before + 10);
  await person.tab('Heights');
  await expect(page.getByRole('radio', { name: 'Typed heights' })).toBeChecked();
  const held = await person.heightOf(4);
  await page.getByRole('button', { name: 'Lock shelf 4' }).click();
  await expect(page.getByText(/^Shelf 4, locked, top/)).toBeVisible();
  await page.getByRole('radio', { name: 'Equal gaps' }).click();
  await expect(page.getByRole('radio', { name: 'Equal gaps' })).toBeChecked();
  await expect.poll(() => heights(person, 5)).toContain(held);
  await person.saved();

  // At the right wall the floor lies lower: the same level mark is higher above it.
  await person.tab('Marks');
  await page.getByRole('button', { name: 'Previous spot' }).click();
  await expect(page.getByText('Right wall, front').first()).toBeVisible();
  await page.getByRole('radio', { name: 'Floor mark' }).click();
  const level = await mark(page, /^Shelf 1, Top of shelf, Floor mark, Right wall, front/);
  await page.getByRole('radio', { name: 'Floor here' }).click();
  const there = await mark(page, /^Shelf 1, Top of shelf, Floor here, Right wall, front/);
  expect(there - level).toBeGreaterThan(3);
  expect(there - level).toBeLessThan(12);
  await page.getByRole('button', { name: /^Shelf 1, Top of shelf, Floor here, Right wall, front/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Floor at this spot, from the floor mark');
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Full-size pole' }).click();
  const pdf = await downloaded(page, /^Save one-sheet PDF/);
  expect(pdf.name).toBe('Chimney-alcove-reading-room-pole-sheet.pdf');
  const read = await getDocument({ data: new Uint8Array(pdf.data), verbosity: 0 }).promise;
  const words = (await (await read.getPage(1)).getTextContent()).items.map((item) => ('str' in item ? item.str : ''));
  expect(words.join('\n')).toContain(`1 top ${level} mm`);
  const pages = await downloaded(page, /^Save PDF \(A4\)/);
  expect((await getDocument({ data: new Uint8Array(pages.data), verbosity: 0 }).promise).numPages).toBeGreaterThan(5);
  await page.keyboard.press('Escape');
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByTestId('marks-sheet')).toContainText('Right wall, front: up from the floor here');
});

async function heights(person: Person, shelves: number): Promise<number[]> {
  return Promise.all(Array.from({ length: shelves }, (_, i) => person.heightOf(i + 1)));
}

/** Goes on with the Tab key until something with a name has the focus. */
async function tabTo(page: Page, name: string, most = 120): Promise<void> {
  for (let i = 0; i < most; i += 1) {
    await page.keyboard.press('Tab');
    const here = await page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? '');
    if (here === name) return;
  }
  throw new Error(`Tab never came to ${name}`);
}

test('by keyboard alone: a thing listed, a layout got, a shelf moved and locked, the rest spaced, a mark read', async ({
  person,
  page,
}) => {
  await person.open('Chimney alcove');
  await page.keyboard.press('2');
  await expect(page.getByRole('main', { name: 'Shelves' })).toBeVisible();
  await expect(person.shelf(1)).toBeVisible();
  // Radios are one stop; arrows choose among them.
  await tabTo(page, 'Heights');
  await page.keyboard.press('ArrowRight');
  await tabTo(page, 'Add from library');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  await tabTo(page, 'Jar');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toContainText('Jar');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Change Jar' })).toBeVisible();
  await page.getByRole('radio', { name: 'Things' }).focus();
  await page.keyboard.press('ArrowLeft');
  await tabTo(page, 'Equal gaps');
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'By stored things' })).toBeChecked();
  await expect.poll(() => person.heightOf(1)).toBeLessThan(600);

  await person.shelf(5).focus();
  const before = await person.heightOf(5);
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Shift+ArrowUp');
  await page.keyboard.press('Enter');
  // Two marks of half a millimetre, and ten of them.
  await expect.poll(() => person.heightOf(5)).toBe(before + 6);
  await expect(page.getByRole('radio', { name: 'Typed heights' })).toBeChecked();
  await person.shelf(5).focus();
  await page.keyboard.press('l');
  await expect(page.getByText(/^Shelf 5, locked/)).toBeVisible();
  await tabTo(page, 'Typed heights');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Equal gaps' })).toBeChecked();
  await expect.poll(() => heights(person, 5)).toContain(before + 6);
  await expect.poll(async () => (await person.heightOf(1)) > 600).toBe(true);
  await page.getByRole('radio', { name: 'Heights', exact: true }).focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowRight');
  await tabTo(page, 'Next spot');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Left wall, back').first()).toBeVisible();
  await person.saved();
});

test(
  'an outlet refuses a shelf that is dragged onto it; one typed into it is named, with the heights that are free',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Chimney alcove');
    await person.stage('Shelves');
    // The outlet is 300 to 386 up: with 30 about it, board and cleat, no top may lie between 270 and 479.
    const box = await person.shelf(1).boundingBox();
    const scale = (await person.heightOf(2)) - (await person.heightOf(1));
    const apart = ((await person.shelf(1).boundingBox())?.y ?? 0) - ((await person.shelf(2).boundingBox())?.y ?? 0);
    const [x, y] = [(box?.x ?? 0) + 20, (box?.y ?? 0) + 22];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x, y + ((744.5 - 440) * apart) / scale, { steps: 8 });
    await expect(page.getByText('Keep clear: Socket')).toBeVisible();
    await page.mouse.up();
    await expect.poll(() => person.heightOf(1)).toBe(479);

    // Until the plan of the move is there, its fields are written anew and a selection in them is lost.
    await person.planned();
    await person.setLength('Top of shelf 1', '400');
    await expect(page.getByText(/Shelf 1 hits a socket\. Move its top to 270 mm or 479 mm\./)).toBeVisible();
    await page.getByRole('button', { name: 'Move down to 270 mm' }).click();
    await expect.poll(() => person.heightOf(1)).toBe(270);
    await expect(page.getByText(/hits a socket/)).toHaveCount(0);
    await person.undo();
    await expect(page.getByText(/Shelf 1 hits a socket/)).toBeVisible();
  },
);

test(
  'a list is pasted; what cannot be read is named by its line, what has no room with the smallest way out',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Chimney alcove');
    await person.stage('Shelves');
    await page.getByRole('radio', { name: 'By stored things' }).click();
    await person.tab('Things');
    await page.getByRole('button', { name: 'Paste list' }).click();
    const list = page.getByRole('textbox', { name: 'List' });
    await list.fill('name,count\nBox,2');
    await page.getByRole('button', { name: 'Import list', exact: true }).click();
    await expect(page.getByRole('dialog')).toContainText('Missing: width, height, depth');
    await list.fill('name;width;height;depth\nAtlas case;400;300;350\nFlat thing;100;0;100\nSurfboard;2000;300;300');
    await page.getByRole('button', { name: 'Import list', exact: true }).click();
    await expect(page.getByText('2 kinds of things imported.')).toBeVisible();
    await expect(page.getByRole('list', { name: '1 row was not imported' })).toContainText('Line 3');
    await expect(page.getByRole('button', { name: 'Change Surfboard' })).toContainText('No room');
    await expect(page.getByText(/Too wide by 87[67](\.5)? mm: only 112[23](\.5)? mm are free/).first()).toBeVisible();
    await expect(page.getByText('Too deep for the shelf by 10 mm.').first()).toBeVisible();
    await expect(page.getByText('Shelves 10 mm deeper make room.').first()).toBeVisible();
    // The smallest way out is true.
    await person.tab('Supports');
    await person.setLength('Depth with lipping', '350');
    await person.tab('Things');
    await expect(page.getByText('Too deep for the shelf by 10 mm.')).toHaveCount(0);
    const csv = (await downloaded(page, /^Save list/)).data.toString();
    expect(csv).toContain('Atlas case,400,300,350');
    await person.saved();
  },
);

test('two layouts side by side, and either is kept', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Shelves');
  await page.getByRole('button', { name: 'Set aside copy' }).click();
  await page.getByRole('radio', { name: 'Shrinking gaps' }).click();
  await page.getByRole('button', { name: 'Compare layouts' }).click();
  const table = page.getByRole('table', { name: 'Two layouts' });
  await expect(table.getByRole('row', { name: /^Spacing/ })).toContainText('Equal gaps');
  await expect(table.getByRole('row', { name: /^Spacing/ })).toContainText('Shrinking gaps');
  await page.getByRole('button', { name: 'Keep the other' }).click();
  await person.shelfAt(1, '744.5 mm');
  await expect(page.getByRole('radio', { name: 'Equal gaps' })).toBeChecked();
  await expect(page.getByRole('button', { name: 'Set aside copy' })).toBeVisible();
  await person.undo();
  await expect(page.getByRole('radio', { name: 'Shrinking gaps' })).toBeChecked();
});

test(
  'a shelf above clothes, one lined up with the level line, and tilted ones for shoes',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Cloakroom closet');
    await person.stage('Shelves');
    await person.shelfAt(1, '66 in');
    await expect(person.shelf(1)).toHaveAttribute('aria-disabled', 'true');
    await page.getByRole('radio', { name: 'Above clothes' }).click();
    // Coats hang 1400 mm, 4 in clear of the floor, 2 1/2 in below the shelf, which is 3/4 in thick: 62.37 in.
    await person.shelfAt(1, '62 3/8 in');
    await expect(page.getByRole('button', { name: /^Center, above the floor mark: 59 1\/8 in/ })).toBeVisible();
    await page.getByRole('button', { name: 'Line up shelf' }).click();
    await page.getByRole('button', { name: 'Line up', exact: true }).click();
    await expect(page.getByText('Shelf 1, lined up, top 48 in')).toBeVisible();
    const slope = page.getByRole('group', { name: 'Tilted shelf 1' });
    // 12 in deep at 15 degrees rises 3.106 in.
    await expect(slope.getByRole('button', { name: /Rear edge, above the floor mark: 9 1\/8 in/ })).toBeVisible();
    await person.saved();
  },
);

test(
  'pins in a cavity are measured from the fixed shelf, and drilled by one template',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Stair cavity');
    await person.stage('Shelves');
    await expect(page.getByText(/^Shelf 3 is fixed\. Measure from it to the center of each hole\./)).toBeVisible();
    // Two shelves above the fixed one and two below, each with its hole and two either way.
    for (const way of ['Up from its top face', 'Down from its underside']) {
      await expect(
        page.getByRole('group', { name: way }).getByRole('button', { name: /^Hole \d+ from the fixed/ }),
      ).toHaveCount(10);
    }
    const svg = (await downloaded(page, /^Save SVG/)).data.toString();
    expect(svg.match(/<circle /g)?.length).toBe(40);
    // Shelves on pins have holes in any case: without a wish, as they usually are.
    await page.getByRole('button', { name: 'Use usual holes' }).click();
    await expect(page.getByRole('button', { name: 'Use usual holes' })).toHaveCount(0);
    await expect(page.getByText(/^Shelf 3 is fixed\./)).toBeVisible();
  },
);

test('one height set by the thumb on the keypad, and the level line is said to be carried', async ({
  person,
  page,
}) => {
  await person.open('Cloakroom closet');
  await person.stage('Shelves');
  await person.shelf(2).click();
  await page.getByRole('textbox', { name: 'Top of shelf 2', exact: true }).click();
  await person.keys('7', '9', '1/2', 'Next');
  const putAway = page.getByRole('button', { name: 'Hide keypad' });
  if (await putAway.isVisible()) await putAway.click();
  await person.shelfAt(2, '79 1/2 in');
  await person.tab('Marks');
  await expect(page.getByText(/^No level line yet/).first()).toBeVisible();
  await page.getByRole('radio', { name: 'Water level' }).click();
  await person.setLength('Misses its start by', '1/4');
  await expect(page.getByText(/The level line misses its own start by 1\/4 in/)).toBeVisible();
});
