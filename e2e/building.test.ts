import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, downloaded, expect, test, type Person } from './person';

const card = (page: Page) => page.getByTestId('step-card');
const part = (page: Page, name: 'Today' | 'Trips' | 'Packing' | 'Calendar') =>
  page.getByRole('radio', { name, exact: true }).click();
/** Stands before the step of a name, once the order is there. */
const stands = (page: Page, what: string) => expect(card(page).getByRole('heading', { name: what })).toBeVisible();

/** Ticks the step in sight, and waits for the next. @returns what was ticked */
async function tick(page: Page): Promise<string> {
  const what = (await card(page).getByRole('heading').textContent()) ?? '';
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(card(page).getByRole('heading', { name: what, exact: true })).toBeHidden();
  return what;
}

async function building(person: Person, job: string): Promise<void> {
  await person.open(job);
  await person.stage('Build');
  // The first is known when the order is.
  await stands(person.page, 'Buy what is on the list');
}

test('the chimney alcove from the first trip to the last tick, a wait running across a reload, a day lost', async ({
  person,
  page,
}) => {
  test.slow();
  await page.clock.install({ time: new Date('2026-05-04T08:00:00Z') });
  await building(person, 'Chimney alcove');
  await part(page, 'Trips');
  await expect(page.getByText('3 trips, about 4 days 4 h with drying')).toBeVisible();
  await part(page, 'Calendar');
  await page.getByRole('button', { name: 'Make calendar' }).click();
  const doneBy = page.getByText(/^Done by /);
  await expect(doneBy).toBeVisible();
  const before = await doneBy.textContent();
  await page.getByRole('button', { name: 'Skip this day' }).nth(1).click();
  await expect(page.getByRole('dialog').getByText(/Without this day the work (still )?ends on/)).toBeVisible();
  await page.getByRole('button', { name: 'Skip day', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Use .* again$/ })).toBeVisible();
  expect(await doneBy.textContent()).toMatch(/^Done by /);
  expect(before).toMatch(/^Done by /);

  await part(page, 'Trips');
  await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
  const paper = page.getByTestId('trips-sheet');
  await expect(paper).toContainText('□ Put up the supports of shelf 5');
  await expect(paper).toContainText(/Tools: .*□ Level/);
  await expect(paper).toContainText('Wait 2 h: primer dry.');
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await expect(paper).toHaveCount(0);

  await part(page, 'Packing');
  await page.getByRole('radio', { name: '3 On site' }).click();
  await page.getByRole('checkbox', { name: 'Level', exact: true }).click();
  await expect(page.getByRole('checkbox', { name: 'Level', exact: true })).toBeChecked();

  await part(page, 'Today');
  for (const what of [
    'Buy what is on the list',
    'Cut 5 boards',
    'Cut 20 sticks',
    'Drill and countersink 95 holes',
    'Sand all pieces while they lie flat',
    'Prime the pieces',
  ]) {
    await stands(page, what);
    await tick(page);
  }
  await stands(page, 'Paint, coat 1');
  await expect(card(page).getByText(/^Wait until .*, (2 h|1 h 59 min) to go$/)).toBeVisible();
  await person.saved();
  await page.clock.fastForward('01:30:00');
  await page.reload();
  await stands(page, 'Paint, coat 1');
  await expect(card(page).getByText(/^Wait until .*, (29|30) min to go$/)).toBeVisible();
  await page.clock.fastForward('00:31:00');
  await expect(card(page).getByText(/^Wait until/)).toBeHidden();

  const ticked: string[] = [];
  for (let i = 0; i < 40; i += 1) {
    if (await page.getByText('All steps are done.').isVisible()) break;
    ticked.push(await tick(page).catch(() => ''));
  }
  await expect(page.getByText('All steps are done.')).toBeVisible();
  expect(ticked.filter((one) => one.startsWith('Put up the supports')).map((one) => one.at(-1))).toEqual([
    '5',
    '4',
    '3',
    '2',
    '1',
  ]);
  expect(ticked.filter((one) => one.startsWith('Put in shelf')).map((one) => one.at(-1))).toEqual([
    '1',
    '2',
    '3',
    '4',
    '5',
  ]);
  await page.getByRole('button', { name: 'Undo last tick' }).click();
  await stands(page, 'Note what was off, and by how much');

  // What a board did, in four touches: the place, that it binds, by how much, noted.
  await person.stage('Log');
  await page.getByRole('radio', { name: '3S' }).click();
  await page.getByRole('button', { name: 'Right end, at the back' }).click();
  await page.getByRole('radio', { name: 'Too tight' }).click();
  await page.getByRole('textbox', { name: 'Still too high by' }).fill('4');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Add note' }).click();
  await expect(page.getByText('Right end, at the back: too tight, 4 mm too high')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByText(/Right end, at the back: shave /)).toBeVisible();
  await page.getByRole('button', { name: 'Too tight' }).click();
  await expect(page.getByText('3S was too tight at first')).toBeVisible();
  await page.getByRole('radio', { name: 'Diary' }).click();
  await page.getByRole('textbox', { name: /^Cut 5 boards/ }).fill('75');
  await page.getByRole('textbox', { name: 'What would you do differently?' }).fill('Plane the wall first.');
  await page.keyboard.press('Tab');
  const written = await downloaded(page, /^Report \(Markdown\)$/);
  expect(written.name).toBe('Chimney-alcove-reading-room.md');
  expect(written.data.toString('utf8')).toContain('- Cut 5 boards: 1 h 15 min, usually 40 min');
  expect(written.data.toString('utf8')).toContain('Plane the wall first.');
  const printed = await downloaded(page, /^Report \(PDF\)$/);
  expect(printed.data.subarray(0, 5).toString()).toBe('%PDF-');
  expect(printed.data.length).toBeGreaterThan(3000);
  await page.getByRole('radio', { name: 'Learned' }).click();
  await expect(page.getByText(/^Cutting: 1\.\d\d times the usual, by one step$/)).toBeVisible();
  await page.getByRole('button', { name: 'Use my figures' }).click();
  await expect(page.getByText('This job uses your own figures.')).toBeVisible();
  await person.saved();
});

test('a cavity shows its cautions where they bite, and nowhere else', async ({ person, page }) => {
  await building(person, 'Stair cavity');
  await page.getByRole('button', { name: 'How you work' }).click();
  await page.getByRole('checkbox', { name: 'Cut a wall open' }).click();
  await page.keyboard.press('Escape');
  const cavity = /look from both sides first|may carry the house|Leave outside walls closed/;
  const seen: string[] = [];
  await stands(page, 'Check the wall for wires and pipes');
  for (let i = 0; i < 12; i += 1) {
    if ((await card(page).getByText(cavity).count()) > 0) {
      await expect(card(page).getByText(cavity)).toHaveCount(3);
      seen.push((await card(page).getByRole('heading').textContent()) ?? '');
    }
    await tick(page);
  }
  expect(seen).toEqual(['Check the wall for wires and pipes', 'Cut the wall open']);
});

test(
  'with no signal steps are ticked all the same, and sent later',
  AT_ONE_SIZE,
  async ({ person, page, server, expected }) => {
    expected.push(/Failed to load resource/);
    await building(person, 'Window corner');
    await server.down();
    await tick(page);
    await tick(page);
    await expect(page.getByTestId('save-state')).toHaveText('On this device only');
    const third = await card(page).getByRole('heading').textContent();
    await server.up();
    await person.saved();
    await page.reload();
    await stands(page, third ?? '');
  },
);

test('a step is left out, one is added, and the order follows', AT_ONE_SIZE, async ({ person, page }) => {
  await building(person, 'Cloakroom closet');
  await page.getByRole('button', { name: 'Skip step …' }).click();
  await page.getByRole('radio', { name: 'Already done' }).click();
  await page.getByRole('button', { name: 'Skip step', exact: true }).click();
  await stands(page, 'Cut 4 boards');
  await page.getByRole('button', { name: 'Add step' }).click();
  await page.getByRole('textbox', { name: 'What to do' }).fill('Fetch the stop blocks');
  await page.getByRole('radio', { name: 'Workshop', exact: true }).click();
  await page.getByRole('button', { name: 'Before: choose steps' }).click();
  await page.getByRole('checkbox', { name: 'Cut 4 boards' }).click();
  await page.getByRole('button', { name: 'Save step' }).click();
  await stands(page, 'Fetch the stop blocks');
  await page.keyboard.press('Control+z');
  await stands(page, 'Cut 4 boards');
});

test('free days and hours are chosen in the browser’s own fields', AT_ONE_SIZE, async ({ person, page }) => {
  await building(person, 'Chimney alcove');
  await part(page, 'Calendar');
  await page.getByRole('button', { name: 'Make calendar' }).click();
  // Type month, day and year digit by digit. The field must not take the years 0002, 0020 and 0209 on the way.
  await page.getByLabel('First day').click({ position: { x: 20, y: 20 } });
  await page.keyboard.type('01052099');
  await page.getByLabel('First day').blur();
  await expect(page.getByLabel('First day')).toHaveValue('2099-01-05');
  await expect(page.getByText('Monday 5 January')).toBeVisible();
  const end = page.getByLabel('At weekends, to');
  await end.fill('08:00');
  await end.blur();
  await expect(page.getByText('Choose an end after the start.')).toBeVisible();
  await expect(end).toHaveValue('08:00');
  await end.fill('00:00');
  await end.blur();
  await expect(page.getByText('Choose an end after the start.')).toBeHidden();
  await expect(end).toHaveValue('00:00');
  await person.saved();
  await person.axe();
});

test(
  'the calendar goes out as a file and comes back moved; one with a changed id is named',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await page.clock.install({ time: new Date('2026-05-04T08:00:00Z') });
    await building(person, 'Chimney alcove');
    await part(page, 'Calendar');
    await page.getByRole('button', { name: 'Make calendar' }).click();
    await expect(page.getByText(/^Done by /)).toBeVisible();
    const { name, data } = await downloaded(page, /^Save calendar \(ICS\)$/);
    expect(name).toBe('Chimney-alcove-reading-room.ics');
    const entries = data.toString('utf8').split('BEGIN:VEVENT');
    expect(entries).toHaveLength(28);
    const back = async (contents: string) => {
      const choosing = page.waitForEvent('filechooser');
      await page.getByRole('button', { name: 'Import changes' }).click();
      await (await choosing).setFiles({ name: 'moved.ics', mimeType: 'text/calendar', buffer: Buffer.from(contents) });
    };
    const moved = entries.map((entry) =>
      entry.includes('Prime the pieces') ? entry.replace(/DTSTART:\w+/, 'DTSTART:20260520T100000Z') : entry,
    );
    await back(
      moved
        .map((one) =>
          one.includes('Sand all pieces') ? one.replace(/UID:[^\r]*\r\n( [^\r]*\r\n)*/, 'UID:other\r\n') : one,
        )
        .join('BEGIN:VEVENT'),
    );
    await expect(page.getByText('One step moved to where you put it.')).toBeVisible();
    await expect(page.getByText(/“Sand all pieces while they lie flat” belongs to no step of this job/)).toBeVisible();
    await expect(page.getByText('moved here')).toBeVisible();
    await back('no calendar at all');
    await expect(page.getByText(/cannot read this calendar/)).toBeVisible();
  },
);

test(
  'photos of a note: kept without a signal, sent later; what is no picture, and one of 40 MB, are refused',
  AT_ONE_SIZE,
  async ({ person, page, server, expected }) => {
    expected.push(/Failed to load resource/);
    await person.open('Window corner');
    await person.stage('Log');
    await page.getByRole('radio', { name: 'Diary' }).click();
    await page.getByRole('button', { name: 'Note', exact: true }).click();
    const choose = async (name: string, mimeType: string, buffer: Buffer) => {
      const choosing = page.waitForEvent('filechooser');
      await page.getByRole('button', { name: 'Add photo' }).click();
      await (await choosing).setFiles({ name, mimeType, buffer });
    };
    await choose('notes.jpg', 'image/jpeg', Buffer.from('no picture at all'));
    await expect(page.getByText(/^Dormer cannot show this picture/)).toBeVisible();
    await choose('large.jpg', 'image/jpeg', Buffer.alloc(40 * 1024 * 1024, 7));
    await expect(page.getByText(/larger than 30 MB/)).toBeVisible();
    await server.down();
    await choose('corner.png', 'image/png', await page.screenshot());
    await expect(page.getByRole('img', { name: 'Photo 1' })).toBeVisible();
    await page.getByRole('button', { name: 'Add note' }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
    await expect(page.getByRole('img', { name: 'Photo 1' })).toBeVisible();
    await server.up();
    await person.saved();
    await page.reload();
    await page.getByRole('radio', { name: 'Diary' }).click();
    await expect(page.getByRole('img', { name: 'Photo 1' })).toBeVisible();
    const { jobs } = await (await page.request.get(`${server.base}/api/jobs`)).json();
    const { id } = jobs.find((one: { name: string }) => one.name.startsWith('Window corner'));
    const { job } = await (await page.request.get(`${server.base}/api/jobs/${id}`)).json();
    const [photo] = job.log.entries[0].photos;
    await expect
      .poll(async () => (await page.request.get(`${server.base}/api/photos/${photo.id}`)).headers()['content-type'])
      .toBe('image/jpeg');
  },
);
