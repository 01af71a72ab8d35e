import { publishByHand } from './publish.ts';
import { addEmptyBay, expect, frameAt, saved, signIn, test } from './store.ts';

test('one category is arranged on its own, published, and put back', async ({ page, store, browser }) => {
  await signIn(page, store, '/studio/arrange/category');
  const openPages = async () => {
    await page.getByRole('button', { name: /^Page: / }).click();
    const panel = page.getByRole('dialog', { name: 'Pages' });
    await expect(panel.getByRole('grid', { name: 'For every one of a kind' })).toBeVisible();
    return panel;
  };
  await (await openPages()).getByRole('button', { name: 'Arrange one separately…' }).click();
  const sheet = page.getByRole('dialog', { name: 'Arrange one separately' });
  await sheet.getByRole('combobox', { name: 'Category' }).fill('vases');
  await page
    .getByRole('option', { name: /^Vases/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: 'Page: Category: Vases' })).toBeVisible();
  const wide = await frameAt(page, 'Wide');
  await expect(wide.getByRole('heading', { level: 1, name: 'Vases' })).toBeVisible();
  await addEmptyBay(page, 'Notice');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Every vase is thrown in one piece');
  await expect(wide.getByText('Every vase is thrown in one piece')).toBeVisible();
  await saved(page);
  await publishByHand(page);
  await page.keyboard.press('Escape');

  const shopper = await (await browser.newContext({ baseURL: store.url })).newPage();
  await shopper.goto('/category/vases');
  await expect(shopper.getByText('Every vase is thrown in one piece')).toBeVisible();
  await shopper.goto('/category/tableware');
  await expect(shopper.getByText('Every vase is thrown in one piece')).toHaveCount(0);

  const panel = await openPages();
  const grid = panel.getByRole('grid', { name: 'For every one of a kind' });
  const names = await grid.getByRole('row').locator('.name').allTextContents();
  expect(names.indexOf('Category: Vases')).toBe(names.indexOf('Category') + 1);
  await panel.getByRole('button', { name: 'More for Category: Vases' }).click();
  await page.getByRole('menuitem', { name: 'Arrange like all others again' }).click();
  await expect(grid.getByRole('row', { name: 'Category: Vases' })).toHaveCount(0);
  await expect(page).toHaveURL(/\/arrange\/category$/);
  await page.keyboard.press('Escape');
  await saved(page);
  await publishByHand(page);
  await shopper.goto('/category/vases');
  await expect(shopper.getByText('Every vase is thrown in one piece')).toHaveCount(0);
  await expect(shopper.getByRole('heading', { level: 1, name: 'Vases' })).toBeVisible();
});
