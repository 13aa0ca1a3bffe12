import { readFileSync, writeFileSync } from 'node:fs';
import { AT_ONE_SIZE, expect, test } from './person';

test('an alcove is measured from nothing with the practice instruments, by following the card until it is enough', async ({
  person,
  page,
}) => {
  await person.newJob('Practice alcove');
  await page.getByRole('button', { name: 'Start practice' }).click();
  await expect(page.getByText(/made-up room \d+, not your place/)).toBeVisible();
  await page.getByRole('button', { name: 'Take first reading' }).click();
  const enough = page.getByText(/^Enough readings/);
  let taken = 0;
  const atRest = page.getByText(/, simulated: .*, steady\.$/);
  for (;;) {
    // A reading is asked for, and the instrument has come to rest; or nothing more is.
    await expect(atRest.or(enough).first()).toBeVisible();
    if (taken === 30 || (await enough.isVisible())) break;
    await page.getByTestId('reading-value').press('Enter');
    taken += 1;
    await person.readingsTaken(taken);
  }
  await expect(enough).toBeVisible();
  expect(taken).toBeGreaterThanOrEqual(8);
  expect(taken).toBeLessThanOrEqual(25);
  await person.done();
  await expect(page.getByText(`${taken} readings taken`)).toBeVisible();
  await expect(page.getByText(/Sure to within .* where the shelves go\./)).toBeVisible();
  // Every one of them is marked for what it is.
  await expect(page.getByRole('list', { name: 'Readings' }).getByText(/practice/)).toHaveCount(taken);
  // And there is a list to cut.
  expect(await person.cutList()).toMatch(/1S Board, length: \d/);
  await person.saved();
});

test(
  'a misread value is caught, said what it looks like, read again unseen, and corrected',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Chimney alcove');
    // More readings around the one that will slip, so that the others can tell.
    for (const [up, value] of [
      ['900', '1125'],
      ['1500', '1127.5'],
    ] as const) {
      await page.getByRole('button', { name: 'Measure something else' }).click();
      await page.getByRole('radio', { name: 'Width', exact: true }).click();
      await page.getByRole('radio', { name: 'Back', exact: true }).click();
      const height = page.getByTestId('reading-up');
      await height.fill(up);
      await height.press('Enter');
      await page.getByTestId('reading-value').fill(value);
      await page.getByTestId('reading-value').press('Enter');
      await person.done();
    }
    await expect(page.getByText('19 readings taken')).toBeVisible();
    // Started at the one: an inch too much.
    await page.getByRole('button', { name: /Width at the back, 1200 mm up: 1126/ }).click();
    await page.getByTestId('reading-value').fill('1151.4');
    await page.getByTestId('reading-value').press('Enter');
    await expect(page.getByText(/“Width at the back, 1200 mm up” is set aside\. Reads: 1151.4 mm/)).toContainText(
      'Perhaps the tape started at 1 instead of 0.',
    );
    await page.getByRole('button', { name: 'Take next reading' }).click();
    await expect(page.getByText('Measure again: the first figure stays hidden.')).toBeVisible();
    await expect(page.getByTestId('reading-value')).toHaveValue('');
    await page.getByTestId('reading-value').fill('1126');
    await page.getByTestId('reading-value').press('Enter');
    await person.done();
    await expect(page.getByText('20 readings taken')).toBeVisible();
    await expect(page.getByText(/Set aside: the width/)).toBeHidden();
    // It stands there still, set aside, and can be dropped for good.
    await page.getByRole('button', { name: /Width at the back, 1200 mm up: 1151.4/ }).click();
    await page.getByRole('button', { name: 'Delete reading' }).click();
    await expect(page.getByText('19 readings taken')).toBeVisible();
  },
);

test(
  'a table of readings comes in, two bad rows are listed, and it goes out again',
  AT_ONE_SIZE,
  async ({ person, page }, info) => {
    await person.newJob('From a spreadsheet');
    const file = info.outputPath('readings.csv');
    const rows = [
      'kind,at,side,up,value,note',
      'width,back,,600,1123,low',
      'width,front,,600,1128,low',
      'width,back,,1200,eleven hundred,middle',
      'width,front,,1200,1131.5,middle',
      'depth,,left,1200,366,',
      'height,front,left,,2478,',
      'girth,front,,900,1000,',
    ];
    writeFileSync(file, rows.join('\n'));
    const choosing = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Import readings (CSV)' }).click();
    await (await choosing).setFiles(file);
    await expect(page.getByText('5 readings imported.')).toBeVisible();
    const refused = page.getByRole('list', { name: '2 rows were not imported' });
    await expect(refused.getByRole('listitem')).toHaveText([
      /^Line 4: Column “value”\. “eleven hundred”/,
      /^Line 8: “kind” says “girth”. Use one of: width/,
    ]);
    await expect(page.getByText('5 readings taken')).toBeVisible();
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save readings (CSV)' }).click();
    const out = readFileSync(await (await coming).path(), 'utf8');
    expect(out.split('\r\n')[0]).toMatch(/^\uFEFFkind,at,side/);
    expect(out).toContain('width,front,,,,,,,,1200,,,,,,,,,1131.5');
    await person.undo();
    await expect(page.getByText('0 readings taken')).toBeVisible();
  },
);

test('the opening is seen from above, at the height one slides to', async ({ person, page }) => {
  await person.open('Chimney alcove');
  await page.getByRole('radio', { name: 'From above' }).click();
  const height = page.getByRole('slider', { name: 'Height of this section above the floor mark' });
  await expect(height).toHaveAttribute('aria-valuetext', '1200 mm up');
  await expect(page.locator('svg text', { hasText: '1131.5' })).toBeVisible();
  await height.fill('420');
  await expect(height).toHaveAttribute('aria-valuetext', '420 mm up');
  await expect(page.locator('svg text', { hasText: '1128' })).toBeVisible();
  await expect(page.locator('svg text', { hasText: '1131.5' })).toHaveCount(0);
});

test(
  'what hangs on the walls: studs with where the next should be, and what must stay clear',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.open('Parcel bench');
    await page.getByRole('radio', { name: 'Place' }).click();
    await expect(page.getByText(/Most studs are 400 mm apart, but stud 4 is not\. Try 3212 mm/)).toBeVisible();
    await page.getByRole('button', { name: 'Delete stud 4' }).click();
    await expect(page.getByText(/Studs are 400 mm apart\. Try the next at/)).toBeVisible();
    await person.undo();
    await expect(page.getByText(/stud 4 is not/)).toBeVisible();
    await page.getByRole('button', { name: 'Add keep-clear' }).click();
    await page.getByRole('radio', { name: 'Vent' }).click();
    await person.done();
    await expect(page.getByRole('button', { name: 'Change Vent' })).toBeVisible();
    await person.saved();
  },
);

test('a cavity tells its box, its shims and whether the trim hides the gap', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Stair cavity');
  await expect(page.getByRole('button', { name: /^Box, width: 1[34](| \d+\/\d+) in\. Why\?$/ })).toBeVisible();
  await expect(page.getByText(/^9\d % chance it fits first time/)).toBeVisible();
  await expect(page.getByRole('table', { name: 'Shims between box and stud' }).getByRole('row')).toHaveCount(4);
  await expect(page.getByText(/The trim hides the gap/)).toBeVisible();
  await person.setLength('Width of the face trim', '3/4');
  await expect(page.getByText(/The trim does not hide the gap/)).toBeVisible();
  await expect(page.getByText(/A stud may carry the house/)).toBeVisible();
});

test('the reading asked for next says what it would do for a board', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Chimney alcove');
  await page.getByRole('button', { name: 'Take next reading' }).click();
  const line = page.getByText(/Raises the chance that caulk hides board \d’s gaps: \d+ % → \d+ %/);
  await expect(line).toBeVisible();
  const [, now, then] = /(\d+) % → (\d+) %/.exec((await line.textContent()) ?? '') ?? [];
  expect(Number(then)).toBeGreaterThan(Number(now));
});
