import { X509Certificate } from 'node:crypto';
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { OwnBrowser } from './ownBrowser';
import { AT_ONE_SIZE, DOWN, expect, listen, Person, test as base } from './person';
import { ServerAtHome } from './server';

const test = base.extend<{ home: ServerAtHome; phone: OwnBrowser }>({
  home: async ({}, give) => {
    const home = new ServerAtHome();
    await home.up();
    await give(home);
    await home.end();
  },
  phone: async ({ home }, give) => {
    const phone = new OwnBrowser(home.phoneArguments);
    await give(phone);
    await phone.end();
  },
});

/** The browser itself names an answer that lets a device in no further. */
const NOT_LET_IN = /status of 40[13]/;

const pairing = (page: Page) => page.getByRole('heading', { name: 'Pair this device' });

/** Opens what the computer says about phones. */
async function usePhone(computer: Page): Promise<void> {
  await computer.getByRole('button', { name: 'Phones and backups' }).click();
  await computer.getByRole('button', { name: 'Add phone' }).click();
}

async function makeCode(computer: Page): Promise<string> {
  await computer.getByRole('button', { name: 'Make pairing code' }).click();
  const said = computer.getByRole('status', { name: /^Pairing code \d{6}$/ });
  return /\d{6}/.exec((await said.getAttribute('aria-label')) ?? '')?.[0] ?? '';
}

async function pair(page: Page, code: string): Promise<void> {
  await page.getByRole('textbox', { name: 'Pairing code' }).fill(code);
  await page.getByRole('button', { name: 'Pair device' }).click();
}

test(
  'a phone is paired over HTTPS and works in a closet without a signal, and the server has it all afterwards',
  AT_ONE_SIZE,
  async ({ page: computer, home, phone }) => {
    const seen = listen(computer);
    await computer.goto(`http://127.0.0.1:${new URL(home.plain).port}`);
    await usePhone(computer);
    const dialog = computer.getByRole('dialog');
    await expect(dialog).toContainText(`${home.plain}/trust`);
    await expect(dialog.getByRole('img', { name: `QR code of ${home.plain}/trust` })).toBeVisible();
    await expect(dialog).toContainText('No device is paired yet.');
    await new Person(computer, false).axe();

    // The phone opens the address of the QR code, and is told what to trust.
    const page = await phone.open();
    const complaints = listen(page);
    const person = new Person(page, true);
    await page.goto(`${home.plain}/trust`);
    await person.axe();
    const print = (await page.locator('.print').textContent()) ?? '';
    await expect(dialog).toContainText(print);
    const coming = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Download certificate' }).click();
    const authority = new X509Certificate(readFileSync(await (await coming).path()));
    expect(authority.fingerprint256).toBe(print.replaceAll(' ', ':'));
    await page.getByRole('link', { name: 'Open Dormer' }).click();

    // It is let in by a code, once.
    await expect(pairing(page)).toBeVisible();
    expect(page.url()).toBe(`${home.encrypted}/`);
    await person.axe();
    await pair(page, '12');
    await expect(page.getByText('The code has six digits.')).toBeVisible();
    const code = await makeCode(computer);
    await pair(page, String((Number(code) + 1) % 1_000_000).padStart(6, '0'));
    await expect(page.getByText('This code is wrong. 4 tries are left.')).toBeVisible();
    await page.getByRole('textbox', { name: 'Name of this device' }).fill('Closet phone');
    await pair(page, code);
    await expect(pairing(page)).toBeHidden();
    await expect(dialog.getByRole('group', { name: 'Closet phone' })).toBeVisible();

    // It can be installed, and has the whole app with it.
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    const session = await page.context().newCDPSession(page);
    const { installabilityErrors } = await session.send('Page.getInstallabilityErrors');
    expect(installabilityErrors).toEqual([]);
    await page.getByRole('link', { name: /Chimney alcove, reading room/ }).click();
    await person.planned();
    await person.saved();

    // In the closet there is no server.
    await home.down();
    await page.reload();
    await person.planned();
    await page.getByRole('button', { name: /^Width at the back, 420 mm up/ }).click();
    await page.getByTestId('reading-value').fill('1122');
    await page.keyboard.press('Enter');
    await expect(page.getByTestId('save-state')).toHaveText('On this device only');
    await page.reload();
    await expect(page.getByRole('button', { name: /^Width at the back, 420 mm up: 1122/ })).toBeVisible();

    // Outside again, the phone is still paired, and the computer gets the reading.
    await home.up();
    await page.reload();
    await person.saved();
    await computer.goto(`http://127.0.0.1:${new URL(home.plain).port}/job/demo-chimney-alcove/measure`);
    await expect(computer.getByRole('button', { name: /^Width at the back, 420 mm up: 1122/ })).toBeVisible();

    // A phone that is lost is let in no longer; what it has, it keeps.
    await computer.goto(`http://127.0.0.1:${new URL(home.plain).port}`);
    await usePhone(computer);
    const row = dialog.getByRole('group', { name: 'Closet phone' });
    await row.getByRole('button', { name: 'Rename' }).click();
    await dialog.getByRole('textbox', { name: 'Name of Closet phone' }).fill('Lost phone');
    await computer.keyboard.press('Enter');
    const renamed = dialog.getByRole('group', { name: 'Lost phone' });
    await renamed.getByRole('button', { name: 'Remove' }).click();
    await dialog.getByRole('button', { name: 'Remove Lost phone' }).click();
    await expect(dialog).toContainText('No device is paired yet.');
    await page.goto(home.encrypted);
    await expect(pairing(page)).toBeVisible();
    await expect(page.getByText('Jobs on this device stay on it.')).toBeVisible();
    await expect(page.getByRole('link', { name: /Chimney alcove, reading room/ })).toBeVisible();
    await pair(page, await makeCode(computer));
    await expect(pairing(page)).toBeHidden();

    const isExpected = (text: string) => [...DOWN, NOT_LET_IN].some((pattern) => pattern.test(text));
    expect([...complaints, ...seen].filter((text) => !isExpected(text))).toEqual([]);
  },
);

test(
  'over plain HTTP the app says what does not work there, and nothing falls over',
  AT_ONE_SIZE,
  async ({ home, phone }) => {
    const page = await phone.open();
    const complaints = listen(page);
    const person = new Person(page, true);
    await page.goto(home.plain);
    await expect(pairing(page)).toBeVisible();
    await expect(page.getByText('This address is not encrypted (http).')).toBeVisible();
    await expect(page.getByRole('textbox', { name: 'Pairing code' })).toBeHidden();
    await person.axe();

    // A job made here is kept on this device, with all that belongs to it.
    await page.getByRole('button', { name: 'New job' }).click();
    await page.getByRole('textbox', { name: 'Name' }).fill('Under the stairs');
    await page.getByRole('button', { name: 'Start measuring' }).click();
    await person.typeReadings([['Width', '812']]);
    await expect(page.getByTestId('save-state')).toHaveText('On this device only: not paired');
    await page.getByRole('button', { name: 'Job menu' }).click();
    await expect(page.getByRole('dialog').getByRole('textbox', { name: 'Notes' })).toBeVisible();
    await page.getByRole('button', { name: 'Close' }).click();
    for (const stage of ['Shelves', 'Cut', 'Build', 'Log'] as const) await person.stage(stage);
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Under the stairs' })).toBeVisible();

    await page.goto(home.plain);
    await expect(page.getByText('Jobs made at this address stay at it.')).toBeVisible();
    await page.getByRole('button', { name: 'Trust this Dormer' }).click();
    await expect(page).toHaveURL(`${home.plain}/trust`);
    await page.goto(home.plain);
    await page.getByRole('button', { name: 'Open encrypted address' }).click();
    await expect(page).toHaveURL(`${home.encrypted}/`);
    await expect(page.getByRole('textbox', { name: 'Pairing code' })).toBeVisible();
    expect(complaints.filter((text) => !NOT_LET_IN.test(text))).toEqual([]);
  },
);
