import path from 'node:path';
import { PHONE, WIDE } from './playwright.config';
import { expect, test, type Person } from './person';

const folder = path.resolve(__dirname, '../docs/screenshots');

/** A day in the made-up story, so that pictures do not change with the calendar. */
const MORNING = new Date('2026-05-04T08:00:00Z');

interface View {
  readonly name: string;
  readonly job?: string;
  readonly show: (person: Person) => Promise<void>;
}

const why = async ({ page }: Person) => {
  await page.getByRole('button', { name: /^1S Board, length/ }).click();
};

const byContents = async (person: Person) => {
  await person.stage('Shelves');
  await person.page.getByRole('radio', { name: 'By stored things' }).click();
  await person.tab('Things');
  await expect(person.page.getByRole('button', { name: 'Change Record crates' })).toContainText('On shelf 1');
};

const PHONE_VIEWS: readonly View[] = [
  { name: 'phone-jobs', show: async (person) => person.home() },
  { name: 'phone-measure', job: 'Chimney alcove', show: async () => undefined },
  {
    name: 'phone-build',
    job: 'Chimney alcove',
    show: async (person) => {
      const { page } = person;
      await page.clock.setFixedTime(MORNING);
      await person.stage('Build');
      await expect(page.getByRole('heading', { name: 'Buy what is on the list' })).toBeVisible();
      await page.getByRole('radio', { name: 'Trips' }).click();
      const ticks = page.getByRole('checkbox', { name: /: done$/ });
      const support = page.getByRole('checkbox', { name: 'Put up the supports of shelf 5: done' });
      await expect(support).toBeVisible();
      for (let left = 10; left > 0; left -= 1) await ticks.first().click();
      await page.getByRole('radio', { name: 'Today' }).click();
      await expect(page.getByRole('heading', { name: 'Put up the supports of shelf 5' })).toBeVisible();
      await page
        .getByText(/into wall plugs, at/)
        .last()
        .scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'phone-reading',
    job: 'Cloakroom closet',
    show: async (person) => {
      await person.page.getByRole('button', { name: /Width at the front, 66 in up/ }).click();
      await person.keys('4', '9', '1/16');
    },
  },
  { name: 'phone-shelves', job: 'Chimney alcove', show: byContents },
  {
    name: 'phone-marks',
    job: 'Chimney alcove',
    show: async (person) => {
      await person.stage('Shelves');
      await person.tab('Marks');
      await person.page.getByRole('button', { name: 'Previous spot' }).click();
      await person.page.getByRole('radio', { name: 'Floor here' }).click();
      await person.page.getByRole('radiogroup', { name: 'Measured from' }).scrollIntoViewIfNeeded();
    },
  },
  { name: 'phone-cut', job: 'Chimney alcove', show: async (person) => person.stage('Cut') },
  {
    name: 'phone-buy',
    job: 'Chimney alcove',
    show: async (person) => {
      await cutting(person, 'Buy');
      await person.page.getByRole('checkbox', { name: /1200 mm long/ }).click();
    },
  },
  {
    name: 'phone-saw',
    job: 'Chimney alcove',
    show: async (person) => {
      const { page } = person;
      await cutting(person, 'At the saw');
      await page.getByRole('button', { name: 'Start cutting' }).click();
      const card = page.getByTestId('saw-card');
      for (let left = 60; left > 0 && !(await card.innerText()).includes('4S, left end'); left -= 1)
        await page.getByRole('button', { name: 'Cut', exact: true }).click();
      await expect(card).toContainText('4S, left end');
    },
  },
  {
    name: 'phone-supports',
    job: 'Chimney alcove',
    show: async (person) => {
      await supports(person);
      await person.page.getByRole('button', { name: 'Change support', exact: true }).click();
      await expect(person.page.getByRole('radio', { name: 'Brackets' })).toBeVisible();
    },
  },
  {
    name: 'phone-why',
    job: 'Chimney alcove',
    show: async (person) => {
      await person.stage('Cut');
      await why(person);
    },
  },
];

/** Turns to a part of the cutting, once layouts are worked out. */
async function cutting({ page }: Person, tab: string): Promise<void> {
  await page.getByRole('navigation').getByRole('link', { name: 'Cut' }).click();
  await page.getByRole('radio', { name: 'Layouts', exact: true }).click();
  await expect(page.getByText(/the cheapest possible/).first()).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText(/Working out/)).toHaveCount(0, { timeout: 30_000 });
  await page.getByRole('radio', { name: tab, exact: true }).click();
}

/** Turns to what carries the shelves, once it is reckoned. */
async function supports(person: Person): Promise<void> {
  await person.stage('Shelves');
  await person.tab('Supports');
  await expect(person.page.getByRole('button', { name: /^Shelf 2 / })).toBeVisible();
}

const WIDE_VIEWS: readonly View[] = [
  {
    name: 'wide-supports',
    job: 'Parcel bench',
    show: async (person) => {
      await supports(person);
      await person.page.getByRole('button', { name: /^Shelf 2 / }).click();
    },
  },
  { name: 'wide-measure', job: 'Chimney alcove', show: async () => undefined },
  { name: 'wide-cavity', job: 'Stair cavity', show: async () => undefined },
  {
    name: 'wide-corner',
    job: 'Window corner',
    show: async ({ page }) => page.getByRole('radio', { name: 'From above' }).click(),
  },
  {
    name: 'wide-calendar',
    job: 'Chimney alcove',
    show: async (person) => {
      const { page } = person;
      await page.clock.setFixedTime(MORNING);
      await person.stage('Build');
      await page.getByRole('radio', { name: 'Calendar' }).click();
      await page.getByRole('button', { name: 'Make calendar' }).click();
      await expect(page.getByText(/^Done by /)).toBeVisible();
    },
  },
  {
    name: 'wide-layouts',
    job: 'Parcel bench',
    show: async (person) => {
      await cutting(person, 'Layouts');
      await person.page.getByRole('button', { name: /^1S-1/ }).click();
    },
  },
  {
    name: 'paper-saw',
    job: 'Chimney alcove',
    show: async (person) => {
      await person.stage('Cut');
      await expect(person.page.getByText('Board 1S')).toBeVisible();
      await person.page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
      await person.page.emulateMedia({ media: 'print' });
      await person.page.setViewportSize({ width: 720, height: 1000 });
      const sheet = person.page.getByTestId('saw-sheet');
      // The page is laid out once more for its new size.
      await expect(async () => {
        await sheet.evaluate((one) => one.scrollIntoView());
        await person.page.waitForTimeout(300);
        expect(Math.abs(await sheet.evaluate((one) => one.getBoundingClientRect().top))).toBeLessThan(40);
      }).toPass();
    },
  },
  { name: 'wide-cut-dark', job: 'Cloakroom closet', show: async (person) => person.stage('Cut') },
];

for (const [views, size] of [
  [PHONE_VIEWS, PHONE],
  [WIDE_VIEWS, WIDE],
] as const) {
  test.describe(() => {
    test.use(size);
    for (const { name, job, show } of views) {
      test(name, async ({ person, page }) => {
        if (name.endsWith('dark')) await page.emulateMedia({ colorScheme: 'dark' });
        if (job) {
          await person.open(job);
          // The first plan is there once the opening is drawn.
          await expect(page.getByRole('img').first()).toBeVisible();
        } else await person.home();
        await show(person);
        if (!name.startsWith('paper')) await expect(page.getByRole('main').first()).toBeVisible();
        if (!job) await expect(page.getByRole('list')).toBeVisible();
        if (job && !name.startsWith('paper')) await person.saved();
        await page.evaluate(() => document.fonts.ready.then(() => undefined));
        await page.waitForTimeout(400);
        await page.screenshot({ path: path.join(folder, `${name}.png`) });
      });
    }
  });
}
