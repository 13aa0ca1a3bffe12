import type { Page } from '@playwright/test';
import { OwnBrowser } from './ownBrowser';
import { AT_ONE_SIZE, expect, Person, test, withoutStoring } from './person';

/** Waits until a text is in the device's own storage. */
async function kept(page: Page, text: string): Promise<void> {
  const texts = () =>
    page.evaluate(
      () =>
        new Promise<string>((resolve) => {
          const opening = indexedDB.open('dormer-drafts');
          opening.onsuccess = () => {
            const reading = opening.result.transaction('drafts').objectStore('drafts').getAll();
            reading.onsuccess = () => {
              opening.result.close();
              resolve(JSON.stringify(reading.result));
            };
          };
        }),
    );
  await expect.poll(texts).toContain(JSON.stringify(text).slice(1, -1));
}

test(
  'the browser dies while someone types: the text is back, in its field, which has the cursor',
  AT_ONE_SIZE,
  async ({ server }) => {
    const browser = new OwnBrowser();
    const open = async (): Promise<Page> => {
      const opened = await browser.open();
      await withoutStoring(opened);
      return opened;
    };
    let page = await open();
    const alcove = `${server.base}/job/demo-chimney-alcove`;
    const begin = async (stage: string) => {
      await page.goto(`${alcove}/${stage}`);
      await new Person(page, true).planned();
    };

    // A figure of a reading, typed on the keypad and not entered.
    await begin('measure');
    await page.getByRole('button', { name: /^Take (first|next) reading$/ }).click();
    const value = () => page.getByTestId('reading-value');
    await expect(value()).toBeFocused();
    const asked = await value().getAttribute('aria-label');
    await new Person(page, true).keys('1', '1', '2');
    await expect(value()).toHaveValue('112');
    await kept(page, '112');
    await browser.kill(page);
    page = await open();
    await begin('measure');
    await expect(value()).toHaveValue('112');
    expect(await value().getAttribute('aria-label')).toBe(asked);
    await expect(value()).toBeFocused();
    await new Person(page, true).keys('4');
    await expect(value()).toHaveValue('1124');
    await page.keyboard.press('Enter');
    await expect(value()).toHaveValue('');

    // A note in the job's menu.
    await page.getByRole('button', { name: 'Done' }).click();
    await page.getByRole('button', { name: 'Job menu' }).click();
    const notes = () => page.getByRole('dialog').getByRole('textbox', { name: 'Notes' });
    await notes().fill('The left jamb leans in');
    await kept(page, 'The left jamb leans in');
    await browser.kill(page);
    page = await open();
    await begin('measure');
    await expect(notes()).toHaveValue('The left jamb leans in');
    await expect(notes()).toBeFocused();
    await page.getByRole('button', { name: 'Close' }).click();
    await new Person(page, true).saved();

    // A form: what is chosen in it, and words.
    await begin('log');
    await page.getByRole('radio', { name: 'Diary' }).click();
    await page.getByRole('button', { name: 'Mistake', exact: true }).click();
    const sheet = () => page.getByRole('dialog');
    const chosen = await sheet().getByRole('radio').nth(2).getAttribute('aria-label');
    await sheet().getByRole('radio').nth(2).click();
    await sheet().getByRole('textbox', { name: 'Your words' }).fill('Cut on the wrong side of the line');
    await kept(page, 'Cut on the wrong side of the line');
    await browser.kill(page);
    page = await open();
    await begin('log');
    await expect(sheet().getByRole('textbox', { name: 'Your words' })).toHaveValue('Cut on the wrong side of the line');
    await expect(sheet().getByRole('radio', { name: chosen ?? '', exact: true })).toBeChecked();
    await sheet().getByRole('button', { name: 'Add note' }).click();
    await expect(page.getByText('Cut on the wrong side of the line')).toBeVisible();

    // A new job: its name, and what kind of place it is.
    await page.goto(server.base);
    await page.getByRole('button', { name: 'New job' }).click();
    await sheet().getByRole('radio', { name: 'Corner', exact: true }).click();
    await sheet().getByRole('textbox', { name: 'Name' }).fill('Kettle corn');
    await kept(page, 'Kettle corn');
    await browser.kill(page);
    page = await open();
    await page.goto(server.base);
    await expect(sheet().getByRole('textbox', { name: 'Name' })).toHaveValue('Kettle corn');
    await expect(sheet().getByRole('radio', { name: 'Corner', exact: true })).toBeChecked();

    // What was taken or closed does not come back, however soon the page is gone.
    await sheet()
      .getByRole('button', { name: 'Close' })
      .evaluate((button) => {
        (button as HTMLElement).click();
        location.reload();
      });
    await page.waitForEvent('load');
    await new Person(page, true).planned();
    await expect(sheet()).toBeHidden();
    await begin('measure');
    await expect(value()).toBeHidden();

    // A sheet in which nothing was typed does not come back either.
    await page.getByRole('button', { name: 'Job menu' }).click();
    await expect(notes()).toBeVisible();
    await kept(page, '"menu"');
    await page.reload();
    await new Person(page, true).planned();
    await expect(sheet()).toBeHidden();
    await browser.end();
  },
);
