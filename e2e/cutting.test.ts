import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, downloaded, expect, test, type Person } from './person';

type Tab = 'Pieces' | 'Layouts' | 'Buy' | 'At the saw';

async function cutting(person: Person, job: string, tab: Tab): Promise<void> {
  await person.open(job);
  await person.stage('Cut');
  await turn(person, tab);
}

const turn = (person: Person, tab: Tab) => person.page.getByRole('radio', { name: tab, exact: true }).click();

/** What a button gives, as text. */
const file = async (page: Page, button: RegExp) => (await downloaded(page, button)).data.toString('utf8');

/** Layouts are worked out and of the job as it stands. */
async function laidOut({ page }: Person): Promise<void> {
  await expect(page.getByText(/the cheapest possible/).first()).toBeVisible();
  await expect(page.getByText(/Working out the layouts/)).toHaveCount(0);
}

test('the parcel bench: from parts to layouts, the list to buy, and every cut at the saw', async ({ person, page }) => {
  await cutting(person, 'Parcel bench', 'Layouts');
  await laidOut(person);
  // A top that no sheet is long enough for is made of two that meet over a joist, and that is said.
  await expect(page.getByText(/3897 mm long, and the longest stock is 2490 mm/).first()).toBeVisible();
  await expect(page.getByText('27 mm sheet, birch plywood')).toBeVisible();
  // A piece is lit in its layout, in the list and in the elevation.
  const chip = page.getByRole('button', { name: /^1S-1/ });
  await chip.click();
  await expect(chip).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('img', { name: /^27 mm sheet, birch plywood, 2500 mm: .*1S-1/ })).toBeVisible();
  await person.axe();

  await page.getByRole('button', { name: 'Save files' }).click();
  const table = await file(page, /^Save CSV$/);
  expect(table).toMatch(/Board,Cut from,Label/);
  expect(table.split('\r\n').length).toBeGreaterThan(30);
  const drawing = await file(page, /^Save DXF$/);
  expect(drawing).toContain('PARTS');
  await page.getByRole('button', { name: 'Close' }).click();

  await turn(person, 'Buy');
  const sheets = page.getByRole('checkbox', { name: /27 mm sheet, birch plywood/ });
  await sheets.click();
  await expect(sheets).toBeChecked();
  const list = await file(page, /^Save CSV$/);
  expect(list).toMatch(/sheet-birch-ply-27x1250-2500,.*,2,/);
  await person.axe();

  await turn(person, 'At the saw');
  await page.getByRole('button', { name: 'Start cutting' }).click();
  const card = page.getByTestId('saw-card');
  const done = page.getByRole('button', { name: 'Cut', exact: true });
  await expect(card).toContainText(/Cut 1 of \d+/);
  await expect(card).toContainText('Square the first end');
  await done.click();
  await done.click();
  await expect(page.getByTestId('saw-figure')).toHaveText('339.5 mm');
  await person.axe();
  // A tick too many is taken back.
  await done.click();
  await expect(card).toContainText('same setting');
  await page.getByRole('button', { name: 'Undo last tick' }).click();
  await expect(card).toContainText('Cut 3 of');
  // What is ticked outlives a reload.
  await person.saved();
  await page.reload();
  await expect(card).toContainText('Cut 3 of');
  const over = page.getByText('All cut');
  for (;;) {
    await expect(done.or(over).first()).toBeVisible();
    if (await over.isVisible()) break;
    await done.click();
  }
  await expect(page.getByText(/35 of 35 pieces cut/)).toBeVisible();
  await page.getByRole('button', { name: 'Store offcuts' }).click();
  await expect(page.getByText(/Offcuts are on the rack/)).toBeVisible();

  // The next job is offered it first.
  await person.home();
  await cutting(person, 'Window corner', 'Layouts');
  await expect(page.getByText(/· Parcel bench, back hall/).first()).toBeVisible();
});

test(
  'a cut that went wrong: how long is it now, and what becomes of the rest',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await cutting(person, 'Chimney alcove', 'At the saw');
    await page.getByRole('button', { name: 'Start cutting' }).click();
    const card = page.getByTestId('saw-card');
    const done = page.getByRole('button', { name: 'Cut', exact: true });
    const figure = page.getByTestId('saw-figure');
    // To the first board of 1131.
    for (let i = 0; i < 80 && !(await card.innerText()).includes('1S'); i += 1) await done.click();
    await expect(figure).toHaveText(/\d+(\.5)? mm/);
    await page.getByRole('button', { name: 'Report wrong cut' }).click();
    const dialog = page.getByRole('dialog');
    const now = dialog.getByRole('textbox', { name: /^(Length|Width) now$/ });
    await now.fill('3000');
    await now.press('Enter');
    await expect(dialog.getByText(/Cut it again at the same setting/)).toBeVisible();
    await now.fill('200');
    await now.press('Enter');
    await expect(page.getByTestId('wrong-answer')).toContainText(/New board needed|No new board needed/);
    await dialog.getByRole('button', { name: 'Use new layouts' }).click();
    await expect(card).toContainText(/Cut 1 of \d+ · board L\d+r2/);
    await person.undo();
    await expect(card).not.toContainText('r2');
  },
);

test(
  'prices from the simulated yard, a list of one’s own, what there is already, and what is really thick',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await cutting(person, 'Chimney alcove', 'Buy');
    await expect(page.getByRole('checkbox', { name: /board, pine, 1200 mm long/ })).toBeVisible();
    await expect(page.getByText('Planning prices from Dormer', { exact: false })).toBeVisible();
    await page.getByRole('button', { name: 'Ask Practice yard (simulated)' }).click();
    await expect(page.getByText('Prices from Practice yard', { exact: false })).toBeVisible();
    await page.getByRole('button', { name: 'Use planning prices' }).click();
    await expect(page.getByText('Prices from Practice yard', { exact: false })).toHaveCount(0);
    // Screws that lie in the drawer need not be bought.
    await page.getByRole('button', { name: /^Screws 5 × 70/ }).click();
    const have = page.getByRole('textbox', { name: /^Already have/ });
    await have.fill('60');
    await have.press('Enter');
    await expect(page.getByRole('button', { name: /^Screws 5 × 70/ })).toContainText('you have enough');
    // A board measured thinner than it is called: the boards are planned of what it is.
    await page.getByRole('button', { name: /board, pine, 1200 mm long/ }).click();
    await person.setLength('Real thickness, measured', '17.5');
    await person.planned();
    await turn(person, 'Pieces');
    await expect(page.getByText(/^17\.5 ×/).first()).toBeVisible();
  },
);

test(
  'plywood or MDF instead: what it costs, weighs and sags, side by side, and one touch to choose',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await cutting(person, 'Chimney alcove', 'Buy');
    await page.getByRole('button', { name: 'Compare' }).click();
    const dialog = page.getByRole('dialog');
    const mdf = dialog.getByRole('group', { name: 'MDF' });
    await expect(mdf).toContainText(/kg · sags up to .* mm · \d+ % left over/);
    await expect(dialog.getByText('Cheapest')).toHaveCount(1);
    await dialog.getByRole('button', { name: 'Use MDF' }).click();
    await expect(page.getByRole('checkbox', { name: /sheet, MDF/ }).first()).toBeVisible();
  },
);

test('sheets too large for the car: the shop cuts them first', AT_ONE_SIZE, async ({ person, page }) => {
  await cutting(person, 'Parcel bench', 'Layouts');
  await laidOut(person);
  await page.getByRole('checkbox', { name: 'Cut sheets down to carry' }).click();
  await person.setLength('Longest piece to carry', '2000');
  await expect(page.getByText(/the longest stock is 1990 mm/).first()).toBeVisible();
  await laidOut(person);
  await turn(person, 'At the saw');
  await page.getByRole('button', { name: 'Start cutting' }).click();
  const card = page.getByTestId('saw-card');
  await expect(card).toContainText('Have the shop cut it');
  await expect(card).toContainText('once its factory edges are trimmed');
});

test('layouts and every cut in order on paper', async ({ person, page }) => {
  await cutting(person, 'Chimney alcove', 'Layouts');
  await laidOut(person);
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  const sheet = page.getByTestId('layout-sheet');
  await expect(sheet).toContainText('Cutting layouts: Chimney alcove, reading room');
  await expect(sheet).toContainText('Every cut in order');
  await expect(sheet).toContainText(/Set the stop to 299\.5 mm, squared end against it/);
  // Solid boards are ripped a little over first.
  await expect(sheet).toContainText(/Rip at 322 mm first, then again at 320 mm/);
});

test(
  'an offcut that lies about is put on the rack, used, and taken off again',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await cutting(person, 'Chimney alcove', 'Layouts');
    await laidOut(person);
    const group = page.getByRole('group', { name: 'Add offcut' });
    await page.getByRole('button', { name: 'Add offcut' }).click();
    await group.getByRole('radio', { name: 'Board' }).click();
    const field = group.getByRole('textbox', { name: 'Length' });
    await field.fill('1250');
    await field.press('Enter');
    await group.getByRole('button', { name: 'Put on rack' }).click();
    // As deep as a shelf with its nosing: a board of 320 comes out of it.
    await expect(page.getByText(/1250 mm · from the rack/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Take off rack' }).click();
    await expect(page.getByText(/· from the rack/)).toHaveCount(0);
  },
);

test('the dark theme: nothing on any tab is hard to read', AT_ONE_SIZE, async ({ person, page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await cutting(person, 'Cloakroom closet', 'Layouts');
  await laidOut(person);
  await person.axe();
  await turn(person, 'Buy');
  await person.axe();
  await turn(person, 'At the saw');
  await person.axe();
});

test('with hand tools a line is marked and sawn beyond it', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Shelves');
  await person.tab('Supports');
  await page.getByRole('radio', { name: 'Hand tools only' }).click();
  await person.planned();
  await person.stage('Cut');
  await turn(person, 'At the saw');
  await page.getByRole('button', { name: 'Start cutting' }).click();
  const card = page.getByTestId('saw-card');
  await expect(card).toContainText('Square a line round the first end');
  const done = page.getByRole('button', { name: 'Cut', exact: true });
  for (let i = 0; i < 20 && (await card.innerText()).includes('Square a line round the first end'); i += 1)
    await done.click();
  await expect(card).toContainText(/so that the kerf falls outside/);
});
