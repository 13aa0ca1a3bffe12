import { expect, test } from './person';

for (const colorScheme of ['light', 'dark'] as const) {
  test(`every view is accessible, ${colorScheme}`, async ({ person, page }) => {
    // By night only the colours are others.
    const look = () => person.axe(colorScheme === 'light' ? 'all' : 'colours');
    await page.emulateMedia({ colorScheme });
    await person.home();
    await expect(page.getByRole('list')).toBeVisible();
    await look();
    await page.getByRole('button', { name: 'New job' }).click();
    await look();
    await page.keyboard.press('Escape');
    await person.open('Chimney alcove');
    await look();
    await page.getByRole('button', { name: 'Take next reading' }).click();
    await page.getByRole('button', { name: 'Change the spot' }).click();
    await look();
    await person.done();
    await page.getByRole('radio', { name: 'From above' }).click();
    await page.getByRole('radio', { name: 'Place' }).click();
    await look();
    await person.stage('Shelves');
    await look();
    await person.shelf(2).click();
    await person.tab('Things');
    await look();
    await page.getByRole('button', { name: 'Change Board games' }).click();
    await look();
    await page.keyboard.press('Escape');
    await person.tab('Supports');
    await page.getByRole('button', { name: /^Show \d+ kinds of pieces$/ }).click();
    await look();
    await page.getByRole('button', { name: 'Change support', exact: true }).click();
    await expect(page.getByRole('radio', { name: 'Ladder frames' })).toBeVisible();
    await look();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Pine board' }).first().click();
    await look();
    await page.keyboard.press('Escape');
    await person.tab('Marks');
    await look();
    await person.tab('Heights');
    await page.getByRole('button', { name: 'Set aside copy' }).click();
    await page.getByRole('button', { name: 'Compare layouts' }).click();
    await expect(page.getByRole('table', { name: 'Two layouts' })).toBeVisible();
    await look();
    await page.keyboard.press('Escape');
    await person.stage('Cut');
    await look();
    await page
      .getByRole('button', { name: /Why\?$/ })
      .first()
      .click();
    await look();
    await page.keyboard.press('Escape');
    await person.stage('Build');
    await expect(page.getByTestId('step-card')).toBeVisible();
    await look();
    await page.getByRole('button', { name: 'How you work' }).click();
    await look();
    await page.keyboard.press('Escape');
    for (const part of ['Trips', 'Packing', 'Calendar']) {
      await page.getByRole('radio', { name: part }).click();
      if (part === 'Calendar') await page.getByRole('button', { name: 'Make calendar' }).click();
      await expect(
        page.getByText({ Trips: /with drying$/, Packing: /still to pack$/, Calendar: /^Done by/ }[part]!),
      ).toBeVisible();
      await look();
    }
    await person.stage('Log');
    await look();
    for (const part of ['Diary', 'Learned']) {
      await page.getByRole('radio', { name: part }).click();
      await look();
    }
    await page.getByRole('button', { name: 'Job menu' }).click();
    await look();
    await page.getByRole('button', { name: 'Keyboard shortcuts' }).click();
    await look();
    for (const place of ['Stair cavity', 'Parcel bench']) {
      await person.open(place);
      await look();
      await page.getByRole('radio', { name: 'Place' }).click();
      await look();
    }
  });
}

test('nothing reaches beyond the edge of the screen, with the longest of names', async ({ person, page }) => {
  const name = 'The alcove between the long bookcase and the chimney breast on the second landing, left of the window';
  await person.newJob(name);
  await person.typeReadings([
    ['Width', '1127'],
    ['Height', '2400'],
    ['Depth', '365'],
  ]);
  for (const stage of ['Measure', 'Shelves', 'Cut', 'Build', 'Log'] as const) {
    await person.stage(stage);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over).toBeLessThanOrEqual(0);
  }
});

test('what a thumb must hit is large enough', async ({ person, page, isMobile }) => {
  test.skip(!isMobile, 'thumbs are for phones');
  await person.open('Cloakroom closet');
  await page.getByRole('button', { name: 'Take next reading' }).click();
  await expect(page.getByTestId('reading-value')).toBeFocused();
  for (const role of ['button', 'link', 'radio'] as const) {
    // All at one moment: what is there changes as the plan comes.
    const sizes = await page.getByRole(role).evaluateAll((all) =>
      all.map((one) => {
        const { width, height } = one.getBoundingClientRect();
        return { name: one.getAttribute('aria-label'), sides: [width, height].map(Math.round).sort((a, b) => a - b) };
      }),
    );
    const seen = sizes.filter(({ sides }) => sides[0] !== 0);
    if (role === 'button') expect(seen.length).toBeGreaterThan(12);
    expect(seen.filter(({ sides: [short = 0, long = 0] }) => short < 36 || long < 48)).toEqual([]);
  }
});
