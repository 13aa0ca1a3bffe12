import type { Page } from '@playwright/test';
import { AT_ONE_SIZE, DOWN, expect, listen, Person, test } from './person';

test.use({ storesApp: true, ownProcess: true });

test.describe('the same job changed on two devices', () => {
  const READING = /Width at the back, 420 mm up/;

  /** Corrects one reading of the chimney alcove. */
  async function correct(page: Page, value: string): Promise<void> {
    await page.getByRole('button', { name: READING }).click();
    await page.getByTestId('reading-value').fill(value);
    await page.keyboard.press('Enter');
  }

  test('in different things: both come together without a question, and undo takes back one’s own', async ({
    person,
    page,
    browser,
    server,
    expected,
  }) => {
    expected.push(...DOWN, /409/);
    await person.open('Chimney alcove');
    await person.saved();
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    const elsewhere = await browser.newContext({ baseURL: server.base });
    const other = await elsewhere.newPage();
    const complaints = listen(other);
    const laptop = new Person(other, false);
    await laptop.open('Chimney alcove');
    await laptop.stage('Shelves');

    // The phone has no signal in the closet; meanwhile the laptop saves.
    await page.context().setOffline(true);
    await correct(page, '1122');
    await expect(page.getByTestId('save-state')).toHaveText('On this device only');
    await other.getByRole('button', { name: 'Add one shelf' }).click();
    await laptop.saved();
    await page.context().setOffline(false);
    await person.saved();

    await person.stage('Shelves');
    await expect(page.getByRole('group', { name: 'Shelves' })).toContainText('6');
    await other.reload();
    await laptop.stage('Measure');
    await expect(other.getByRole('button', { name: /Width at the back, 420 mm up: 1122/ })).toBeVisible();
    await person.undo();
    await expect(page.getByRole('group', { name: 'Shelves' })).toContainText('6');
    await person.stage('Measure');
    await expect(page.getByRole('button', { name: READING })).toBeVisible();
    await expect(page.getByRole('button', { name: /Width at the back, 420 mm up: 1122/ })).toBeHidden();
    expect(complaints).toEqual([]);
    await elsewhere.close();
  });

  test(
    'in one thing: it is asked in words, and both are kept',
    AT_ONE_SIZE,
    async ({ person, page, server, expected }) => {
      expected.push(/409/);
      await person.open('Chimney alcove');
      const route = `${server.base}/api/jobs/demo-chimney-alcove`;
      const { job, version } = await (await page.request.get(route)).json();
      const at = job.readings.findIndex(
        ({ kind, up }: { kind: string; up?: { mm: number } }) => kind === 'width' && up?.mm === 420,
      );
      const theirs = structuredClone(job);
      theirs.name = 'Chimney alcove, by another hand';
      theirs.readings[at].value = { mm: 1119, typed: '1119', unit: 'mm' };
      await page.request.put(route, { data: { job: theirs, basedOn: version, saveId: 'elsewhere' } });

      await correct(page, '1122');
      await expect(page.getByTestId('save-state')).toHaveText('Not saved: changed elsewhere');
      await page.getByRole('button', { name: 'Choose version' }).click();
      const sheet = page.getByRole('dialog', { name: 'Choose what to keep' });
      await expect(sheet).toContainText('Both devices changed one thing.');
      await person.axe();
      await sheet.getByRole('radio', { name: 'Here: 1122 mm' }).click();
      await sheet.getByRole('button', { name: 'Save choices' }).click();
      await person.saved();
      await expect(page.getByRole('heading', { name: 'Chimney alcove, by another hand' })).toBeVisible();
      await expect(page.getByRole('button', { name: /Width at the back, 420 mm up: 1122/ })).toBeVisible();

      // Both that were decided between are there, and can be brought back.
      await page.getByRole('button', { name: 'Job menu' }).click();
      await page.getByRole('button', { name: 'Earlier versions' }).click();
      const versions = page.getByRole('dialog', { name: 'Earlier versions' });
      await expect(versions.getByText(/Not chosen/)).toHaveCount(2);
      await person.axe();
      await versions.getByRole('button', { name: 'Bring back' }).first().click();
      await expect(page.getByRole('heading', { name: 'Chimney alcove, reading room' })).toBeVisible();
      await person.undo();
      await expect(page.getByRole('heading', { name: 'Chimney alcove, by another hand' })).toBeVisible();
    },
  );
});

test(
  'another server at the same address takes nothing away, and asks',
  AT_ONE_SIZE,
  async ({ person, page, server, expected }) => {
    expected.push(...DOWN, /421/);
    await person.newJob('Cellar alcove');
    await person.typeReadings([['Width', '1000']]);
    await person.saved();
    await server.down();
    server.moveToFreshFolder();
    await server.up();
    await person.home();
    await expect(page.getByText(/This is another Dormer\. 7 jobs/)).toBeVisible();
    await person.axe();
    await page.getByRole('link', { name: /Cellar alcove/ }).click();
    await expect(page.getByText('1 reading taken')).toBeVisible();
    await expect(page.getByTestId('save-state')).toHaveText('On this device only');
    await person.home();
    await page.getByRole('button', { name: 'Copy jobs here' }).click();
    await page.getByRole('link', { name: /Cellar alcove/ }).click();
    await person.saved();
    const { jobs } = await (await page.request.get(`${server.base}/api/jobs`)).json();
    expect(jobs.find((job: { name: string }) => job.name === 'Cellar alcove')).toMatchObject({ readings: 1 });
  },
);

test(
  'two tabs change one job at the same time, and nothing is lost',
  AT_ONE_SIZE,
  async ({ person, page, server, expected }) => {
    expected.push(/409/);
    await person.open('Chimney alcove');
    const second = await page.context().newPage();
    const complaints = listen(second);
    const beside = new Person(second, true);
    await beside.open('Chimney alcove');
    await beside.stage('Shelves');
    await page.getByRole('button', { name: /Width at the back, 420 mm up/ }).click();
    await page.getByTestId('reading-value').fill('1122');
    await Promise.all([page.keyboard.press('Enter'), second.getByRole('button', { name: 'Add one shelf' }).click()]);
    await person.saved();
    await beside.saved();
    const stored = async () =>
      (await (await page.request.get(`${server.base}/api/jobs/demo-chimney-alcove`)).json()).job;
    await expect.poll(async () => (await stored()).shelves.count).toBe(6);
    expect(JSON.stringify((await stored()).readings)).toContain('"mm":1122');
    // Each tab shows what the other did.
    await expect(second.getByRole('group', { name: 'Shelves' })).toContainText('6');
    await beside.stage('Measure');
    await expect(second.getByRole('button', { name: /Width at the back, 420 mm up: 1122/ })).toBeVisible();
    expect(complaints.filter((text) => !/409/.test(text))).toEqual([]);
  },
);
