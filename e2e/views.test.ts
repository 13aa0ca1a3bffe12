import { AT_ONE_SIZE, expect, test } from './person';
import { Tour } from './tour';

for (const colorScheme of ['light', 'dark'] as const) {
  test(`every view is accessible, ${colorScheme}`, async ({ person, page }) => {
    // By night only the colours are others.
    const look = () => person.axe(colorScheme === 'light' ? 'all' : 'colours');
    await page.emulateMedia({ colorScheme });
    const tour = new Tour(person, look);
    await tour.jobs();
    await person.open('Chimney alcove');
    await tour.everywhere();
    for (const place of ['Stair cavity', 'Parcel bench']) {
      await person.open(place);
      await tour.place();
    }
  });
}

test('the list of jobs is accessible while the device looks for them', AT_ONE_SIZE, async ({ person, page }) => {
  await page.route('**/api/jobs', () => undefined);
  await page.goto('/');
  await expect(page.getByText('Looking for your jobs …')).toBeVisible();
  await person.axe();
});

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
    const sizes = await page.getByRole(role).evaluateAll((all) => {
      // A word within a text is as wide as it is.
      const whole = all.filter((one) => getComputedStyle(one).display !== 'inline');
      return whole.map((one) => {
        const { width, height } = one.getBoundingClientRect();
        return { name: one.getAttribute('aria-label'), sides: [width, height].map(Math.round).sort((a, b) => a - b) };
      });
    });
    const seen = sizes.filter(({ sides }) => sides[0] !== 0);
    if (role === 'button') expect(seen.length).toBeGreaterThan(12);
    expect(seen.filter(({ sides: [short = 0, long = 0] }) => short < 36 || long < 48)).toEqual([]);
  }
});
