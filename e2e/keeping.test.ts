import { readFileSync, writeFileSync } from 'node:fs';
import { AT_ONE_SIZE, DOWN, expect, Person, test } from './person';

test.use({ storesApp: true, ownProcess: true });

test('with the server stopped nothing is lost, and it is sent when the server is back', async ({
  person,
  page,
  server,
  expected,
}) => {
  expected.push(...DOWN);
  await person.newJob('Cellar alcove');
  await person.typeReadings([['Width', '1000']]);
  await person.saved();
  // The app itself must be on the device before the signal goes.
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => page.evaluate(async () => (await caches.keys()).length)).toBeGreaterThan(0);

  await server.down();
  await person.typeReadings([
    ['Height', '2300'],
    ['Depth', '350'],
  ]);
  await expect(page.getByTestId('save-state')).toHaveText('On this device only');
  await page.reload();
  await expect(page.getByText('3 readings taken')).toBeVisible();
  await expect(page.getByTestId('save-state')).toHaveText('On this device only');
  await person.stage('Cut');
  await expect(page.getByRole('button', { name: /Board, length: 9\d\d(\.5)? mm/ }).first()).toBeVisible();

  await server.up();
  await person.saved();
  const there = await page.request.get(`${server.base}/api/jobs`);
  const { jobs } = await there.json();
  expect(jobs.find((job: { name: string }) => job.name === 'Cellar alcove')).toMatchObject({ readings: 3 });
});

test(
  'a job made without the server is sent once it is there',
  AT_ONE_SIZE,
  async ({ person, page, server, expected }) => {
    expected.push(...DOWN);
    await person.home();
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await server.down();
    await page.getByRole('button', { name: 'New job' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('No signal');
    await page.getByRole('button', { name: 'Start measuring' }).click();
    await person.typeReadings([['Width', '900']]);
    await expect(page.getByTestId('save-state')).toHaveText('On this device only');
    await server.up();
    await person.saved();
    const { jobs } = await (await page.request.get(`${server.base}/api/jobs`)).json();
    expect(jobs.filter((job: { name: string }) => job.name === 'No signal')).toHaveLength(1);
  },
);

test(
  'a removed job is listed and brought back, long after its notice is gone',
  AT_ONE_SIZE,
  async ({ person, page }) => {
    await person.home();
    await page.getByRole('button', { name: 'More for Cloakroom closet' }).click();
    await page.getByRole('button', { name: 'Remove job' }).click();
    await page.reload();
    await expect(page.getByRole('link', { name: /Chimney/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /Cloakroom/ })).toBeHidden();
    await page.getByRole('button', { name: 'Phones and backups' }).click();
    await page.getByRole('button', { name: 'Removed jobs', exact: true }).click();
    const sheet = page.getByRole('dialog', { name: 'Removed jobs' });
    await expect(sheet).toContainText('Cloakroom closet');
    await person.axe();
    await sheet.getByRole('button', { name: 'Bring back' }).click();
    await expect(sheet).toContainText('No jobs were removed lately.');
    await sheet.getByRole('button', { name: 'Close' }).click();
    await expect(page.getByRole('link', { name: /Cloakroom/ })).toBeVisible();
  },
);

test(
  'everything is saved here and brought in on another machine',
  AT_ONE_SIZE,
  async ({ person, page, server, browser, expected }) => {
    expected.push(...DOWN);
    await person.newJob('Cellar alcove');
    await person.typeReadings([['Width', '1000']]);
    await person.saved();
    await person.home();
    await page.getByRole('button', { name: 'Phones and backups' }).click();
    const coming = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save everything' }).click();
    const file = await coming;
    expect(file.suggestedFilename()).toMatch(/^dormer-\d{4}-\d\d-\d\d\.zip$/);
    await expect(page.getByText('The file is in your downloads.')).toBeVisible();
    await person.axe();

    // Another machine: a server and a browser that have never seen the job.
    const zip = await file.path();
    await server.down();
    server.moveToFreshFolder();
    await server.up();
    const machine = await browser.newContext({ baseURL: server.base });
    const other = await machine.newPage();
    const there = new Person(other, false);
    await there.home();
    await expect(other.getByRole('link', { name: /Cellar alcove/ })).toBeHidden();
    await other.getByRole('button', { name: 'Phones and backups' }).click();
    const broken = readFileSync(zip).subarray(0, 5000);
    for (const [contents, says] of [
      [broken, /This file is not a backup, or its end is missing\. Nothing was changed\./],
      [readFileSync(zip), /One new job\. 0 jobs updated\. 6 jobs unchanged\./],
    ] as const) {
      const choosing = other.waitForEvent('filechooser');
      await other.getByRole('button', { name: 'Restore everything' }).click();
      await (await choosing).setFiles({ name: 'all.zip', mimeType: 'application/zip', buffer: contents });
      await expect(other.getByText(says)).toBeVisible();
    }
    await other.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
    await other.getByRole('link', { name: /Cellar alcove/ }).click();
    await expect(other.getByText('1 reading taken')).toBeVisible();
    await machine.close();
  },
);

test('exported, removed and imported, it is the same job', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Cloakroom closet');
  const list = await person.cutList();
  await page.getByRole('button', { name: 'Job menu' }).click();
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as file' }).click();
  const file = await (await coming).path();
  const before = readFileSync(file, 'utf8');
  await page.getByRole('button', { name: 'Remove job' }).click();
  await expect(page.getByText('“Cloakroom closet” was removed.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Cloakroom closet/ })).toBeHidden();

  const choosing = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open job file' }).click();
  await (await choosing).setFiles(file);
  await expect(page.getByText('“Cloakroom closet” was added.')).toBeVisible();
  await page.getByRole('link', { name: /Cloakroom closet/ }).click();
  expect(await person.cutList()).toBe(list);
  await person.saved();
  await page.getByRole('button', { name: 'Job menu' }).click();
  const again = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as file' }).click();
  expect(readFileSync(await (await again).path(), 'utf8')).toBe(before);
});

test('a removal is undone', AT_ONE_SIZE, async ({ person, page, server }) => {
  await person.home();
  await page.getByRole('button', { name: 'More for Cloakroom closet' }).click();
  await page.getByRole('button', { name: 'Remove job' }).click();
  await expect(page.getByRole('link', { name: /Cloakroom/ })).toBeHidden();
  const there = async () => (await page.request.get(`${server.base}/api/jobs/demo-cloakroom-closet`)).status();
  await expect.poll(there).toBe(404);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /Cloakroom/ })).toBeVisible();
  await expect.poll(there).toBe(200);
});

test(
  'files that are no jobs are refused in plain words, and nothing is changed',
  AT_ONE_SIZE,
  async ({ person, page }, info) => {
    await person.home();
    await expect(page.getByRole('listitem')).toHaveCount(6);
    const whole = JSON.stringify({ format: 'dormer-job', version: 1, name: 'x'.repeat(200), notes: '' });
    const files: readonly (readonly [name: string, contents: string, says: RegExp])[] = [
      ['broken', 'not a job at all', /damaged or not a job file/],
      ['truncated', whole.slice(0, 120), /stops before its end/],
      ['huge', `{"format":"dormer-job","notes":"${'x'.repeat(2_100_000)}"}`, /too large for a job/],
      ['future', '{"format":"dormer-job","version":99}', /newer Dormer wrote this file/],
      ['foreign', '{"recipe":"soup"}', /This file is not a job/],
      ['faulty', whole, /entries in the job cannot be right/],
    ];
    for (const [name, contents, says] of files) {
      const file = info.outputPath(`${name}.dormer.json`);
      writeFileSync(file, contents);
      const choosing = page.waitForEvent('filechooser');
      await page.getByRole('button', { name: 'Open job file' }).click();
      await (await choosing).setFiles(file);
      await expect(page.getByRole('alert').filter({ hasText: says })).toBeVisible();
      if (name === 'faulty') await person.axe();
      await page.getByRole('button', { name: 'Close', exact: true }).click();
    }
    await expect(page.getByRole('listitem')).toHaveCount(6);
  },
);

test('an address without a job says so', AT_ONE_SIZE, async ({ person, page, expected }) => {
  expected.push(/404/);
  await page.goto('/job/none/measure');
  await expect(page.getByText('This job is not here')).toBeVisible();
  await person.axe();
  await page.goto('/nowhere');
  await expect(page.getByText('Nothing is here.')).toBeVisible();
});

test('a stage that fails takes nothing else away', AT_ONE_SIZE, async ({ person, page, expected }) => {
  expected.push(/no dates here/);
  await person.open('Chimney alcove');
  await person.stage('Log');
  await page.getByRole('radio', { name: 'Diary' }).click();
  await page.evaluate(() => {
    Object.assign(Intl, {
      DateTimeFormat: function fail() {
        throw new Error('no dates here');
      },
    });
  });
  // The diary shows the date of each entry, which throws from now on.
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  await page.getByRole('textbox', { name: 'Your words' }).fill('The left jamb leans.');
  await page.getByRole('button', { name: 'Add note' }).click();
  const broken = page.getByText('Something went wrong on this screen.');
  await expect(broken).toBeVisible();
  await expect(page.getByRole('heading', { name: /Chimney alcove/ })).toBeVisible();
  await person.axe();
  await page.getByRole('button', { name: 'Try again' }).click();
  await page.getByRole('radio', { name: 'Diary' }).click();
  await expect(broken).toBeVisible();
  // Other stages work. Undo brings this stage back.
  await person.stage('Shelves');
  await expect(broken).toBeHidden();
  await person.saved();
  await person.undo();
  await person.stage('Log');
  await page.getByRole('radio', { name: 'Diary' }).click();
  await expect(page.getByRole('button', { name: 'Note', exact: true })).toBeVisible();
});
