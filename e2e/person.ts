import { readFileSync } from 'node:fs';
import { test as base, expect, type Locator, type Page } from '@playwright/test';
import { lengthened } from '@dormer/core/say/words/lengthened';
import axe, { type RunOptions } from 'axe-core';
import { ServerHere, ServerProcess, type Server } from './server';

export { expect };

declare global {
  interface Window {
    /** Set by the first look at a document. */
    readonly axe: typeof axe;
  }
}

/** A person at the app: what they do, in their words. */
export class Person {
  constructor(
    readonly page: Page,
    readonly phone: boolean,
    /** English words as the app says them in the person's language. */
    readonly said: (words: string) => string = (words) => words,
  ) {}

  async home(): Promise<void> {
    await this.page.goto('/');
    await expect(this.page.getByRole('button', { name: this.said('New job') })).toBeVisible();
  }

  /** Makes a job and stands before its measuring. */
  async newJob(name: string, units: 'mm' | 'cm' | 'inches' = 'mm'): Promise<void> {
    await this.home();
    await this.page.getByRole('button', { name: 'New job' }).click();
    await this.page.getByRole('textbox', { name: 'Name' }).fill(name);
    await this.page.getByRole('radio', { name: units, exact: true }).click();
    await this.page.getByRole('button', { name: 'Start measuring' }).click();
    await expect(this.page.getByRole('heading', { name })).toBeVisible();
  }

  async open(name: string): Promise<void> {
    await this.home();
    await this.page.getByRole('link', { name: new RegExp(name) }).click();
    await expect(this.page.getByRole('heading', { name })).toBeVisible();
    await this.planned();
  }

  async stage(name: 'Measure' | 'Shelves' | 'Cut' | 'Build' | 'Log'): Promise<void> {
    // On a phone the keypad stands where the stages are.
    const putAway = this.page.getByRole('button', { name: this.said('Hide keypad') });
    if (await putAway.isVisible()) await putAway.click({ timeout: 1000 }).catch(() => undefined);
    await this.page
      .getByRole('navigation')
      .getByRole('link', { name: this.said(name) })
      .click();
    await expect(this.page.getByRole('main', { name: this.said(name) })).toBeVisible();
    await this.planned();
  }

  /** Touches keys of the keypad one after another. */
  async keys(...names: string[]): Promise<void> {
    const pad = this.page.getByRole('group', { name: /^Keypad for/ });
    for (const name of names) {
      const key = pad.getByRole('button', { name, exact: true });
      if (this.phone) await key.tap();
      else await key.click();
    }
  }

  /** Passes readings over until one of a kind is asked for: its name is that of the field. */
  async asked(name: RegExp): Promise<void> {
    const value = this.page.getByTestId('reading-value');
    for (let i = 0; i < 30; i += 1) {
      await expect(value).toBeVisible();
      if (name.test((await value.getAttribute('aria-label')) ?? '')) return;
      await this.page.getByRole('button', { name: 'Skip reading' }).click();
    }
    throw new Error(`never asked for ${String(name)}`);
  }

  /** Answers as readings are asked for, by a keyboard: the next width with the next width, and so on. */
  async typeReadings(
    answers: readonly (readonly [kind: 'Width' | 'Depth' | 'Height', value: string])[],
  ): Promise<void> {
    const { page } = this;
    await page.getByRole('button', { name: /^Take (first|next) reading$/ }).click();
    for (const [kind, value] of answers) {
      await this.asked(new RegExp(`^${kind}`));
      await expect(page.getByTestId('reading-value')).toBeFocused();
      await page.keyboard.type(value);
      await page.keyboard.press('Enter');
      await expect(page.getByTestId('reading-value')).toHaveValue('');
    }
    await this.done();
  }

  /** Puts the card of a reading away; pressed once more where the card has moved beneath the finger. */
  async done(): Promise<void> {
    const done = this.page.getByRole('button', { name: this.said('Done') });
    await expect(async () => {
      if (await done.isVisible()) await done.click({ timeout: 2000 });
      await expect(this.page.getByTestId('reading-value')).toBeHidden({ timeout: 2000 });
    }).toPass();
  }

  /** Readings that the drawing shows: it names each of them. */
  async readingsTaken(count: number): Promise<void> {
    const drawing = this.page.getByRole('img', { name: /^Opening from the front, with the readings/ });
    await expect(drawing).toHaveAccessibleName(new RegExp(`^[^;]*(;[^;]*){${count}}$`));
  }

  /** Types into a length field and presses Enter. */
  async setLength(label: string, value: string): Promise<void> {
    const field = this.page.getByRole('textbox', { name: label, exact: true });
    await field.click();
    await field.fill(value);
    await field.press('Enter');
  }

  /** Turns to a part of the work on shelves. */
  async tab(name: 'Heights' | 'Things' | 'Supports' | 'Marks'): Promise<void> {
    await this.page.getByRole('radio', { name, exact: true }).click();
  }

  /** A shelf's handle on the pole. */
  shelf(number: number): Locator {
    return this.page.getByRole('slider', { name: this.said(`Shelf ${number} on the pole`) });
  }

  /** A shelf's top lies at a height, as it is said: `904.5 mm`. */
  async shelfAt(number: number, height: string): Promise<void> {
    await expect(this.shelf(number)).toHaveAttribute('aria-valuetext', new RegExp(`^${height},`));
  }

  /** How high a shelf's top lies, in the unit of the drawing's millimetres. */
  async heightOf(number: number): Promise<number> {
    return Number(await this.shelf(number).getAttribute('aria-valuenow'));
  }

  /** Pulls a shelf's handle up or down by so many pixels. */
  async pull(number: number, downPx: number): Promise<void> {
    const box = await this.shelf(number).boundingBox();
    if (!box) throw new Error(`shelf ${number} has no handle`);
    const [x, y] = [box.x + box.width / 3, box.y + box.height / 2];
    await this.page.mouse.move(x, y);
    await this.page.mouse.down();
    await this.page.mouse.move(x, y + downPx, { steps: 6 });
    await this.page.mouse.up();
  }

  /** The plan is of the job as it stands. */
  async planned(): Promise<void> {
    await expect(this.page.locator('[aria-busy="true"]')).toHaveCount(0);
  }

  async saved(): Promise<void> {
    await expect(this.page.getByTestId('save-state')).toHaveText('Saved');
  }

  async undo(): Promise<void> {
    await this.page.getByRole('button', { name: 'Undo', exact: true }).click();
  }

  /** Everything the cut list says, row by row. */
  async cutList(): Promise<string> {
    await this.stage('Cut');
    await this.planned();
    const lengths = this.page.getByRole('button', { name: /, length: .*Why\?$/ });
    await expect(lengths.first()).toBeVisible();
    const names = await lengths.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? ''));
    return names.map((name) => name.replace(' Why?', '')).join('\n');
  }

  /**
   * No serious or critical fault of accessibility on the view as it stands; of its colours alone where all else is seen
   * to.
   */
  async axe(what: 'all' | 'colours' = 'all'): Promise<void> {
    // Compile axe once per document: a second look then takes half the time.
    if (!(await this.page.evaluate(() => 'axe' in window))) await this.page.evaluate(axe.source);
    // Skip frames and media (the app has none) and the report of what passed: a third of the time.
    const options: RunOptions = { resultTypes: ['violations'], iframes: false, preload: false };
    if (what === 'colours') options.runOnly = ['color-contrast'];
    const { violations } = await this.page.evaluate((how) => window.axe.run(how), options);
    const grave = violations.filter((violation) => violation.impact === 'serious' || violation.impact === 'critical');
    expect(grave.map(({ id, nodes }) => `${id}: ${nodes.map((node) => node.html).join(' | ')}`)).toEqual([]);
  }
}

/** What a button hands to the browser. */
export async function downloaded(page: Page, button: RegExp): Promise<{ name: string; data: Buffer }> {
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: button }).click();
  const file = await coming;
  return { name: file.suggestedFilename(), data: readFileSync(await file.path()) };
}

// The browser itself names a server that is down, for each thing that was asked of it.
export const DOWN = [/ERR_CONNECTION_REFUSED|Failed to load resource|ERR_CONNECTION_RESET|ERR_EMPTY_RESPONSE/];

/** For what is the same on a wide screen: it is shown on a phone alone. */
export const AT_ONE_SIZE = { tag: '@one-size' } as const;

interface Fixtures {
  readonly server: Server;
  readonly person: Person;
  /** Texts of messages in the browser's console that a test expects: a server that is down is named there. */
  readonly expected: RegExp[];
  /** Whether the page stores the app on the device. Storing takes about a third of a short test's time. */
  readonly storesApp: boolean;
  /** Whether the server runs in a process of its own, so that a test can kill it. */
  readonly ownProcess: boolean;
}

/** Language of longer words with accents. */
export const LONG_WORDS = 'en-XA';

/** A test with a server of its own, whose browser must have nothing to complain about. */
export const test = base.extend<Fixtures>({
  ownProcess: [false, { option: true }],
  server: async ({ ownProcess }, give) => {
    const server = ownProcess ? new ServerProcess() : new ServerHere();
    await server.up();
    await give(server);
    await server.end();
  },
  baseURL: async ({ server }, give) => give(server.base),
  expected: async ({}, give) => give([]),
  storesApp: [false, { option: true }],
  person: async ({ page, isMobile, expected, storesApp, locale }, give) => {
    if (!storesApp) await withoutStoring(page);
    const complaints = listen(page);
    await give(new Person(page, Boolean(isMobile), locale === LONG_WORDS ? lengthened : undefined));
    expect(complaints.filter((text) => !expected.some((pattern) => pattern.test(text)))).toEqual([]);
  },
});

/** Keeps the page from storing the app on the device: no service worker. */
export const withoutStoring = (page: Page): Promise<unknown> =>
  page.addInitScript(() => Object.defineProperty(navigator.serviceWorker, 'register', { value: async () => null }));

/** Errors and warnings of a page, as they come. */
export function listen(page: Page): string[] {
  const complaints: string[] = [];
  page.on('console', (message) => {
    if (message.type() === 'error' || message.type() === 'warning') complaints.push(message.text());
  });
  page.on('pageerror', (error) => complaints.push(String(error)));
  return complaints;
}
