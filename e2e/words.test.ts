import { AT_ONE_SIZE, expect, test } from './person';

test('a trade word opens its picture from where it stands, and all of them can be searched', async ({
  person,
  page,
}) => {
  await person.open('Chimney alcove');
  await person.stage('Shelves');
  await person.tab('Supports');
  const word = page.getByRole('link', { name: 'Battens', exact: true }).first();
  await word.click();
  const sheet = page.getByRole('dialog', { name: 'Batten' });
  await expect(sheet.getByRole('img', { name: /^Batten\. A strip of wood/ })).toBeVisible();
  await expect(sheet.getByText('A strip of wood screwed to the wall. The shelf lies on the strip.')).toBeVisible();
  await person.axe();
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await expect(word).toBeFocused();

  await page.keyboard.press('Enter');
  await sheet.getByRole('button', { name: 'All trade words' }).click();
  await expect(page.getByRole('main', { name: 'Trade words' })).toBeVisible();
  await expect(page.getByText(/^\d\d words$/)).toBeVisible();
  await person.axe();
  const search = page.getByRole('textbox', { name: 'Search words' });
  await search.fill('blade');
  await expect(page.getByText(/^[34] words$/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Kerf' })).toBeVisible();
  await search.fill('no such word');
  await expect(page.getByText('No trade word contains “no such word”.')).toBeVisible();
});

test('the trade words are those of the region, and open from the job menu', AT_ONE_SIZE, async ({ person, page }) => {
  await person.open('Cloakroom closet');
  await page.getByRole('button', { name: 'Job menu' }).click();
  await page.getByRole('button', { name: 'Trade words' }).click();
  await expect(page.getByRole('heading', { name: 'Cleat', exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Rabbet', exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Batten', exact: true })).toHaveCount(0);
  await page.goto(`${page.url()}?word=kerf`);
  await expect(page.getByText('1 word', { exact: true })).toBeVisible();
});
