import { expect, test } from './person';

test('an alcove is parted by a tower, and each bay has its own shelves', async ({ person, page }) => {
  await person.open('Chimney alcove');
  await person.stage('Shelves');
  await person.tab('Supports');
  await page.getByRole('button', { name: 'Change support', exact: true }).first().click();
  await page.getByRole('dialog').getByRole('radio', { name: 'Screwed tower', exact: true }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await person.tab('Heights');
  await page.getByRole('button', { name: 'Add right bay' }).click();
  await person.planned();
  await person.setLength('Width of Left bay', '500');
  await person.planned();

  // The right bay has two shelves of its own; those of the tower stay.
  await page.getByRole('radio', { name: 'Right bay', exact: true }).click();
  await expect(person.shelf(6)).toBeVisible();
  await expect(person.shelf(7)).toBeVisible();
  await expect(person.shelf(5)).toHaveCount(0);
  await page.getByRole('button', { name: 'Add one shelf' }).click();
  await person.planned();
  await expect(person.shelf(8)).toBeVisible();
  await page.getByRole('radio', { name: 'Left bay', exact: true }).click();
  await expect(person.shelf(5)).toBeVisible();
  await expect(person.shelf(6)).toHaveCount(0);
  await person.axe();

  // The tower is 500 wide, its shelves are less by two sides of 18; the other boards end at its side.
  const pieces = await person.cutList();
  expect(pieces).toMatch(/CT Case top, length: 500 mm/);
  expect(pieces).toMatch(/CB Case bottom, length: 464 mm/);
  const [, beside] = /7S Board, length: ([\d.]+) mm/.exec(pieces) ?? [];
  expect(Number(beside)).toBeGreaterThan(580);
  expect(Number(beside)).toBeLessThan(620);

  // Without the bay the tower is as wide as the alcove again.
  await person.stage('Shelves');
  await person.tab('Heights');
  await page.getByRole('button', { name: 'Delete Right bay' }).click();
  await expect(page.getByRole('radio', { name: 'Right bay', exact: true })).toHaveCount(0);
  await person.undo();
  await expect(page.getByRole('radio', { name: 'Right bay', exact: true })).toBeVisible();
  await person.saved();
});
