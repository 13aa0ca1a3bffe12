import { AT_ONE_SIZE, downloaded, expect, test, type Person } from './person';

async function supports(person: Person, job: string): Promise<void> {
  await person.open(job);
  await person.stage('Shelves');
  await person.tab('Supports');
  await expect(person.page.getByRole('heading', { name: 'Strength' })).toBeVisible();
}

/** Chooses a support by its picture. */
async function choose(person: Person, name: string): Promise<void> {
  const { page } = person;
  await page.getByRole('button', { name: 'Change support', exact: true }).first().click();
  await page.getByRole('dialog').getByRole('radio', { name, exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
}

test('from cleats to brackets and back: nothing that was said of either is lost', async ({ person, page }) => {
  await supports(person, 'Chimney alcove');
  await person.setLength('Height of battens', '52');
  await choose(person, 'Brackets');
  await person.setLength('Arm, out from the wall', '280');
  // Two brackets a shelf are bought, none is cut; the cleats are gone from the list.
  const brackets = await person.cutList();
  expect(brackets).not.toContain('Back batten');
  expect(brackets).toContain('3S Board');
  await person.stage('Shelves');
  await person.tab('Supports');
  await choose(person, 'Battens on three sides');
  await expect(page.getByRole('textbox', { name: 'Height of battens' })).toHaveValue('52');
  expect(await person.cutList()).toContain('3B Back batten');
  await person.stage('Shelves');
  await person.tab('Supports');
  await choose(person, 'Brackets');
  await expect(page.getByRole('textbox', { name: 'Arm, out from the wall' })).toHaveValue('280');
  // A bracket that stands out beyond the board is no plan.
  await person.setLength('Arm, out from the wall', '400');
  await expect(page.getByText(/a bracket 400 mm deep sticks out past a board 340 mm deep/).first()).toBeVisible();
  await person.undo();
  await expect(page.getByText(/sticks out past a board/)).toHaveCount(0);
  await person.saved();
});

test('a shelf that sags says by how much, and is cured by one touch', AT_ONE_SIZE, async ({ person, page }) => {
  await supports(person, 'Chimney alcove');
  await choose(person, 'Battens at the ends');
  await page.getByRole('radio', { name: 'Games', exact: true }).click();
  const third = page.getByRole('button', { name: /^Shelf 3 / });
  await expect(third).toContainText('sags too much');
  await third.click();
  await expect(page.getByText(/is the usual limit \(span\/360\)/)).toBeVisible();
  await expect(page.getByText('Strength and sag are estimates, not engineering.', { exact: false })).toBeVisible();
  const cure = page.getByRole('button', { name: /^Use boards \d+ mm thick\. Sag:/ });
  await cure.click();
  await expect(third).toContainText(/holds$|holds(?!, its)/);
  await expect(page.getByText('Ways to mend it')).toHaveCount(0);
  await person.undo();
  await expect(third).toContainText('sags too much');
  // 900 kg would bring it down, and that is said.
  await page.getByRole('radio', { name: 'Own figure' }).click();
  const own = page.getByRole('textbox', { name: /^Per 1000 mm of shelf/ });
  await own.fill('900 kg');
  await own.press('Enter');
  await expect(third).toContainText('may break');
  await expect(page.getByText(/Shelf \d may break under .* The shelf carries about/).first()).toBeVisible();
  await person.saved();
});

test(
  'a drilling sheet: every hole from one end, the drills, and why a screw is so long',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await supports(person, 'Cloakroom closet');
    await page.getByRole('button', { name: /^Show \d+ kinds of pieces$/ }).click();
    const cleat = page.getByRole('group', { name: 'Back cleat 1B', exact: true });
    await expect(cleat).toContainText('#10');
    await expect(cleat).toContainText('clearance 13/64 in');
    await expect(cleat).toContainText('are hollow-wall anchors');
    await cleat.getByRole('button', { name: /Why\?$/ }).click();
    await expect(page.getByRole('dialog')).toContainText('Lining behind it');
    await page.keyboard.press('Escape');
    await expect(page.getByText(/Screws #10 × /).first()).toBeAttached();
    // On paper: the same sheets.
    await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
    await expect(page.getByTestId('drilling-sheet')).toContainText('Back cleat');
    await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
    // As files: every hole of the job in a table, one piece with its holes at full size.
    const table = await downloaded(page, /^Save holes \(CSV\)$/);
    expect(table.name).toBe('Cloakroom-closet-drilling.csv');
    expect(table.data.toString('utf8')).toContain('Back cleat,1B,1,');
    await cleat.getByRole('button', { name: 'Full size' }).click();
    const drawing = await downloaded(page, /^Save SVG$/);
    expect(drawing.name).toBe('Cloakroom-closet-drilling-1B.svg');
    expect(drawing.data.toString('utf8')).toMatch(/<circle [^>]*cx=/);
  },
);

test('a divider and a hole for a cable: in the drawing, on the list, drilled, and gone again', async ({
  person,
  page,
}) => {
  await supports(person, 'Chimney alcove');
  await person.shelf(2).click();
  await page.getByRole('button', { name: 'Dividers and holes' }).click();
  const sheet = page.getByRole('dialog', { name: 'On shelf 2' });
  await sheet.getByRole('button', { name: 'Add divider' }).click();
  await person.setLength('Centre, from the left end of the board', '400');
  await sheet.getByRole('button', { name: 'Add hole' }).click();
  // The back cleat is under it there, and that is said where it is typed.
  await person.setLength('Centre, from the back edge', '45');
  await expect(sheet.getByText(/The hole in 2S sits over 2B below it/)).toBeVisible();
  await person.setLength('Centre, from the back edge', '120');
  await expect(sheet.getByText(/sits over/)).toHaveCount(0);
  await person.axe();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Dividers and holes (2)' })).toBeVisible();
  await expect(page.getByText('A divider is not counted as a support', { exact: false }).first()).toBeAttached();
  // 305.5 is clear between shelves 2 and 3, less a play of 1.
  const list = await person.cutList();
  expect(list).toMatch(/D1 Divider, length: 305(\.5)? mm/);
  await expect(
    page.getByText(/hole 60 mm wide, centre 120 mm from the right end and 120 mm from the back edge/),
  ).toBeVisible();
  await person.undo();
  await person.undo();
  await expect(page.getByText(/hole 60 mm wide.* and 80 mm from the back edge/)).toBeVisible();
  await person.saved();
});

test(
  'with hand tools nothing is told in angles, and pocket screws are not offered',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await supports(person, 'Parcel bench');
    await page.getByRole('radio', { name: 'Hand tools only' }).click();
    await page.getByRole('button', { name: 'Change support', exact: true }).first().click();
    await page.getByRole('dialog').getByRole('radio', { name: 'Ladder frames', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Ladder frames', exact: true })).toBeVisible();
    await expect(page.getByRole('radio', { name: 'Pocket screws' })).toHaveCount(0);
    await page.getByRole('radio', { name: 'Mesh' }).click();
    await person.planned();
    await expect(page.getByText('Dormer does not know what mesh carries', { exact: false }).first()).toBeAttached();
    await expect(page.getByText('Drill the uprights for two screws at every rung', { exact: false })).toBeAttached();
    await supports(person, 'Chimney alcove');
    await page.getByRole('radio', { name: 'Hand tools only' }).click();
    await person.stage('Cut');
    await person.planned();
    await page.getByRole('radio', { name: 'Shelf 5' }).click();
    await expect(page.getByText(/knife line/).first()).toBeVisible();
    await expect(page.getByText(/\d+\.\d° off square/)).toHaveCount(0);
  },
);

test(
  'between the cabinets screws miss the holes that are there; the desk lies on rails',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await supports(person, 'Between the tall cabinets');
    await page.getByRole('button', { name: /^Show \d+ kinds of pieces$/ }).click();
    const face = page.getByRole('group').filter({ hasText: 'Left face, shelf 2' }).last();
    const rows = await face.getByText(/above the floor mark, out from the back/).innerText();
    const outs = rows.split('back:')[1]?.split('·').map(Number.parseFloat) ?? [];
    expect(outs).toHaveLength(3);
    // Holes at 277 to 282 with 10 about them.
    for (const out of outs) expect(out <= 267 || out >= 292).toBe(true);
    await expect(
      page.getByText(/Shelf 2: one screw moved aside|Shelf 2: \d+ screws moved aside/).first(),
    ).toBeAttached();
    expect(await person.cutList()).toContain('1B Back batten');
  },
);

test('the bench: each post by its own floor; the corner on hidden rails', AT_ONE_SIZE, async ({ person, page }) => {
  await supports(person, 'Parcel bench');
  const bench = await person.cutList();
  for (const part of ['Wall batten', 'Left end joist', 'Post 1', 'Bracket brace']) expect(bench).toContain(part);
  const posts = [...bench.matchAll(/1P\d Post \d, length: ([\d.]+) mm/g)].map(([, figure]) => Number(figure));
  expect(posts.length).toBeGreaterThan(2);
  expect(new Set(posts).size).toBe(posts.length);
  await supports(person, 'Window corner');
  await expect(page.getByText('Hidden rails').first()).toBeVisible();
  await person.shelf(2).click();
  await expect(page.getByRole('img', { name: 'Shelf 2, section from the side' })).toBeVisible();
  expect(await person.cutList()).toContain('Back rail');
});

test('a shelf of its own among the others, and as all others again', AT_ONE_SIZE, async ({ person, page }) => {
  await supports(person, 'Chimney alcove');
  await person.shelf(2).click();
  await page.getByRole('button', { name: 'Change this support' }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'Brackets', exact: true }).click();
  await expect(page.getByText('Brackets · shelf 2')).toBeVisible();
  const list = await person.cutList();
  expect(list).toContain('1B Back batten');
  expect(list).not.toContain('2B Back batten');
  await person.stage('Shelves');
  await person.tab('Supports');
  await person.shelf(2).click();
  await page.getByRole('button', { name: 'Reset shelf 2' }).click();
  await expect(page.getByText('Brackets · shelf 2')).toHaveCount(0);
});

test('a material of one’s own takes its figures to the shelves', AT_ONE_SIZE, async ({ person, page }) => {
  await supports(person, 'Chimney alcove');
  await choose(person, 'Battens at the ends');
  await page.getByRole('button', { name: 'Pine board' }).first().click();
  await page.getByRole('button', { name: 'Add material' }).click();
  const stiff = page.getByRole('textbox', { name: 'Stiffness along the grain, N/mm²' });
  await stiff.fill('a lot');
  await stiff.press('Enter');
  await expect(page.getByText(/“a lot” does not work here\. Type a number from 100 to 250000/)).toBeVisible();
  await stiff.fill('1100');
  await stiff.press('Enter');
  await page.getByRole('button', { name: 'Close' }).last().click();
  await expect(page.getByRole('button', { name: /^Shelf 3 / })).toContainText(/sags [4-9]|sags \d\d/);
  await person.saved();
});

test('posts stand plumb by choice: all boards are then alike, and packers are bought', async ({ person, page }) => {
  await supports(person, 'Chimney alcove');
  await choose(person, 'Housed posts');
  await person.planned();
  const lengths = (list: string) => new Set([...list.matchAll(/Board, length: ([\d.]+) mm/g)].map(([, mm]) => mm));
  expect(lengths(await person.cutList()).size).toBeGreaterThan(1);
  await person.stage('Shelves');
  await person.tab('Supports');
  await page.getByRole('radio', { name: 'Stand plumb, packed' }).click();
  await person.planned();
  const plumb = lengths(await person.cutList());
  expect(plumb.size).toBe(1);
  await page.getByRole('radio', { name: 'Buy', exact: true }).click();
  await expect(page.getByText(/packers/i).first()).toBeAttached();
});

test('a cavity’s box gets a back panel by choice, and its boards are less deep by it', async ({ person, page }) => {
  await person.open('Stair cavity');
  await person.stage('Cut');
  const before = await person.cutList();
  expect(before).not.toContain('BK Back panel');
  await person.stage('Measure');
  await page.getByRole('checkbox', { name: 'Back panel' }).click();
  await person.planned();
  await page.getByRole('radio', { name: 'Nailed with pins' }).click();
  await person.planned();
  const after = await person.cutList();
  expect(after).toContain('BK Back panel');
  await person.stage('Measure');
  await person.axe();
  await person.undo();
  await person.undo();
  await person.planned();
  expect(await person.cutList()).toBe(before);
});
