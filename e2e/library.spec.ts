import { expect, frameAt, saved, signIn, test } from './store.ts';
import { publishByHand } from './publish.ts';

test('a bay is saved to the library and put into a gap of another page by keys alone', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.getByRole('row', { name: 'Under sixty, from the table' }).hover();
  await page.getByRole('button', { name: 'More for Under sixty, from the table' }).click();
  await page.getByRole('menuitem', { name: 'Save to the library' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'is saved to the library' })).toBeVisible();
  await saved(page);
  // Nothing of it is for shoppers.
  await expect(page.getByRole('button', { name: 'Nothing to publish' })).toBeVisible();

  await page.goto(`${store.url}/studio/arrange/collection`);
  const outline = page.getByRole('grid', { name: 'Bays of Collection' });
  await expect(outline.getByRole('row').first()).toBeVisible();
  const before = await outline.getByRole('row').count();
  await page.getByRole('button', { name: 'Add a bay' }).press('Enter');
  const library = page.getByRole('region', { name: 'Library of bays' });
  await expect(library.getByLabel('Find a bay')).toBeFocused();
  await page.keyboard.type('saved sixty');
  const kept = library.getByRole('row', { name: 'Under sixty, from the table, Shelf' });
  await expect(library.getByRole('row', { name: ', ' })).toHaveCount(1);
  // It is drawn as it would be, with what it shows.
  await expect(kept.locator('iframe').contentFrame().locator('.card').first()).toBeVisible();
  for (let i = 0; i < 20 && !(await kept.evaluate((row) => row === document.activeElement)); i += 1)
    await page.keyboard.press('Tab');
  await expect(kept).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(kept.getByText('Place in the outline')).toBeFocused();
  // A gap has the keyboard a moment later, and no key that comes before that.
  const gap = page.locator(':focus');
  await page.keyboard.press('Enter');
  await expect(gap).toHaveAccessibleName(/^(Drop on|Insert) /);
  // The way back costs nothing.
  await page.keyboard.press('Escape');
  await expect(outline.getByRole('row')).toHaveCount(before);
  await expect(library).toBeVisible();
  await kept.getByText('Place in the outline').press('Enter');
  await expect(gap).toHaveAccessibleName(/^(Drop on|Insert) /);
  for (let i = 0; i < 10 && !(await page.getByText(/^Above /).isVisible()); i += 1)
    await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/^Above /)).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(library).toHaveCount(0);
  await expect(outline.getByRole('row')).toHaveCount(before + 1);
  await expect(outline.getByRole('row').first()).toContainText('Under sixty, from the table');
  await expect(page.getByLabel('Heading', { exact: true })).toBeFocused();
  const laptop = await frameAt(page, 'Laptop');
  await expect(laptop.locator('.main [data-bay^="under-sixty"] .card').first()).toBeVisible();
  await saved(page);

  // What is kept can be changed where it is, and goes without touching what was made of it.
  await page.getByRole('button', { name: /^Page:/ }).click();
  await page.getByRole('dialog').getByRole('grid', { name: 'For any page' }).getByRole('row').click();
  await expect(page.getByRole('grid', { name: 'Bays of Saved bays' }).getByRole('row')).toHaveCount(1);
  await page.getByRole('grid', { name: 'Bays of Saved bays' }).getByRole('row').press('Delete');
  await saved(page);
  await publishByHand(page);
  const shop = await page.context().newPage();
  const { rows } = await store.pool.query(`SELECT slug FROM collection ORDER BY id LIMIT 1`);
  await shop.goto(`${store.url}/collection/${rows[0].slug}`);
  await expect(shop.locator('.main [data-bay]').first()).toHaveAttribute('data-bay', /^under-sixty/);
  await expect(shop.locator('.main [data-bay]').first().locator('.card').first()).toBeVisible();
  const answer = await shop.goto(`${store.url}/library`);
  expect(answer!.status()).toBe(404);
});

test('a bay that is found in the library is dragged between two of the page', async ({ page, store }) => {
  await signIn(page, store);
  await page.getByRole('button', { name: 'Add a bay' }).click();
  const library = page.getByRole('region', { name: 'Library of bays' });
  await library.getByRole('radio', { name: /^Text and pictures/ }).click();
  await expect(library.getByRole('row', { name: /^Bestselling,/ })).toHaveCount(0);
  await expect(library.getByRole('row', { name: /^Three promises,/ })).toBeVisible();
  await library.getByRole('radio', { name: /^All bays/ }).click();
  await library.getByLabel('Find a bay').fill('no such thing');
  await expect(library.getByText('No bay has "no such thing"')).toBeVisible();
  await library.getByLabel('Find a bay').fill('reduced');
  const from = library.getByRole('row', { name: /^Reduced now, Everything/ });
  await expect(from.locator('iframe').contentFrame().locator('.card').first()).toBeVisible();
  const outline = page.getByRole('grid', { name: 'Bays of Home' });
  const [start, over] = [
    await from.boundingBox(),
    await outline.getByRole('row', { name: 'Shop by category' }).boundingBox(),
  ];
  await page.mouse.move(start!.x + 60, start!.y + 60);
  await page.mouse.down();
  for (let i = 1; i <= 10; i += 1)
    await page.mouse.move(
      start!.x + 60 + ((over!.x - start!.x) * i) / 10,
      start!.y + 60 + ((over!.y + 6 - start!.y - 60) * i) / 10,
    );
  await expect(page.getByText('Between Reduced now and Shop by category')).toBeVisible();
  await page.mouse.up();
  await expect(library).toHaveCount(0);
  const names = outline.getByRole('row');
  await expect(names.nth(4)).toContainText('Reduced now');
  await expect(names.nth(5)).toContainText('Shop by category');
  await expect(names.nth(4)).toHaveAttribute('aria-selected', 'true');
  await saved(page);
  const { rows } = await store.pool.query(`SELECT body FROM draft_document WHERE key = 'page:home'`);
  expect(rows[0].body.bays[4].id).toMatch(/^reducednow-\d[a-z0-9]{6}$/);

  // Pressing a bay of the outline arranges that one instead.
  await page.getByRole('button', { name: 'Add a bay' }).click();
  await expect(library).toBeVisible();
  await outline.getByRole('row', { name: 'Shop by category' }).click();
  await expect(library).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Spec' })).toContainText('Shop by category');

  // A gap of the outline opens it for that place; the same by a key.
  await outline.getByRole('row', { name: 'From the journal' }).focus();
  await page.keyboard.press('a');
  await expect(library.getByText(/to add below From the journal$/)).toBeVisible();
  await page.keyboard.press('Escape');
  await outline.getByRole('button', { name: 'Add below Shop by category' }).click();
  await expect(library.getByText(/to add between Shop by category and Under sixty/)).toBeVisible();
  await library.getByRole('row', { name: /^Bestselling,/ }).click();
  await expect(outline.getByRole('row').nth(6)).toContainText('Bestselling');

  // Escape closes it and gives the keyboard back.
  await page.getByRole('button', { name: 'Add a bay' }).click();
  await page.keyboard.press('Escape');
  await expect(library).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Add a bay' })).toBeFocused();
});
