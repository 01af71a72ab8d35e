import type { Page } from '@playwright/test';
import { expect, signIn, test, type Store } from './store.ts';

async function open(page: Page, store: Store, place: 'Categories' | 'Collections' | 'Brands'): Promise<void> {
  await signIn(page, store);
  await page.getByRole('link', { name: 'Catalogue', exact: true }).click();
  await page.getByRole('link', { name: new RegExp(`^${place}`) }).click();
  await expect(list(page, place)).toBeVisible();
}
const list = (page: Page, name: string) => page.getByRole('treegrid', { name: new RegExp(`^${name}`) });
const row = (page: Page, name: string) => page.getByRole('row', { name, exact: true });
/** Opens one; the list has come to rest where it stands before it is pressed. */
async function openRow(page: Page, name: string): Promise<void> {
  await row(page, name).scrollIntoViewIfNeeded();
  await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve))));
  await row(page, name).click();
}
const saved = (page: Page) => expect(page.getByText('Saved. Shoppers see it at once.')).toBeVisible();

test('a category is made, moved by mouse and by keyboard, filled, seen by shoppers, and taken back', async ({
  page,
  browser,
  store,
}) => {
  await open(page, store, 'Categories');
  await page.getByRole('button', { name: 'New category' }).click();
  const dialog = page.getByRole('dialog', { name: 'New category' });
  await dialog.getByRole('textbox', { name: 'Name' }).fill('Kettles');
  await dialog.getByRole('button', { name: 'Make the category' }).click();
  const side = page.getByRole('complementary', { name: 'Kettles' });
  await expect(side.getByText('No products yet')).toBeVisible();
  const levelOf = () => row(page, 'Kettles').getAttribute('aria-level');
  const parent = async () =>
    (
      await store.pool.query<{ name: string | null }>(
        `SELECT p.name FROM category c LEFT JOIN category p ON p.id = c.parent_id WHERE c.name = 'Kettles'`,
      )
    ).rows[0]!.name;
  expect(await parent()).toBeNull();
  await side.getByRole('button', { name: 'Close this category' }).click();
  // By mouse: under the one before it.
  const beside = page.getByRole('row').nth(-2);
  await beside.scrollIntoViewIfNeeded();
  const above = (await beside.locator('.name').textContent())!;
  await row(page, 'Kettles').dragTo(beside, {
    sourcePosition: { x: 20, y: 20 },
    targetPosition: { x: 200, y: 20 },
  });
  await expect.poll(parent).toBe(above);
  await saved(page);
  // By keyboard: out again to the end of the main ones, and up.
  await row(page, 'Kettles').focus();
  while ((await levelOf()) !== '1') {
    const before = await levelOf();
    await page.keyboard.press('Alt+ArrowLeft');
    await expect.poll(levelOf).not.toBe(before);
  }
  await expect.poll(parent).toBeNull();
  await expect(row(page, 'Kettles')).toBeFocused();
  // In the shop: with a product in it, under its name and text.
  await openRow(page, 'Kettles');
  const text = side.getByRole('textbox', { name: 'Description' });
  await text.fill('For the stove, and for the table.');
  await side.getByRole('button', { name: 'Save the description' }).click();
  await expect(page.getByRole('button', { name: 'Take back description of Kettles' })).toBeVisible();
  const { rows } = await store.pool.query<{ id: number; title: string }>(
    'SELECT id, title FROM product WHERE in_stock ORDER BY id LIMIT 1',
  );
  const { id, title } = rows[0]!;
  await page.goto(`${store.url}/studio/catalogue/products/${id}`);
  const editor = page.getByRole('complementary', { name: title });
  await editor.getByRole('searchbox', { name: 'Categories of this product' }).fill('kettles');
  await editor.getByRole('listbox', { name: 'Categories of this product' }).getByText('Kettles').click();
  await saved(page);
  const shopper = await browser.newPage();
  await expect(async () => {
    await shopper.goto(`${store.url}/category/kettles`);
    await expect(shopper.getByRole('heading', { level: 1, name: 'Kettles' })).toBeVisible({ timeout: 1000 });
    await expect(shopper.locator('meta[name="description"]')).toHaveAttribute(
      'content',
      'For the stove, and for the table.',
      { timeout: 1000 },
    );
    await expect(shopper.getByRole('link', { name: title }).first()).toBeVisible({ timeout: 1000 });
  }).toPass();
  // The list of products can be narrowed to it.
  await page.getByRole('link', { name: /^Categories/ }).click();
  await openRow(page, 'Kettles');
  await side.getByRole('link', { name: '1 product' }).click();
  await expect(page.getByText('1 product found')).toBeVisible();
  await page.getByRole('button', { name: 'All products' }).click();
  await expect(page.getByText('1 product found')).toBeHidden();
  // Once it is gone, so is its page; the product stays.
  await page.getByRole('link', { name: /^Categories/ }).click();
  await openRow(page, 'Kettles');
  await side.getByRole('button', { name: 'Remove this category…' }).click();
  await expect(page.getByRole('dialog')).toContainText('1 product goes on without it.');
  await page.getByRole('button', { name: 'Remove the category' }).click();
  await expect(row(page, 'Kettles')).toBeHidden();
  await expect.poll(async () => (await shopper.goto(`${store.url}/category/kettles`))!.status()).toBe(404);
});

test('a collection is filled by hand and then by a rule, and its page follows at once', async ({
  page,
  browser,
  store,
}) => {
  await open(page, store, 'Collections');
  await page.getByRole('button', { name: 'New collection' }).click();
  const dialog = page.getByRole('dialog', { name: 'New collection' });
  await dialog.getByRole('textbox', { name: 'Name' }).fill('By the fire');
  await page.keyboard.press('Enter');
  const side = page.getByRole('complementary', { name: 'By the fire' });
  const { rows } = await store.pool.query<{ title: string }>(
    'SELECT title FROM product WHERE in_stock ORDER BY id LIMIT 1',
  );
  const { title } = rows[0]!;
  const find = side.getByRole('combobox', { name: 'Put a product in' });
  await find.fill(title);
  await page
    .getByRole('option', { name: new RegExp(`^${title}`) })
    .first()
    .click();
  await expect(side.getByRole('link', { name: '1 product' })).toBeVisible();
  const shopper = await browser.newPage();
  const cards = async () => {
    await shopper.goto(`${store.url}/collection/by-the-fire`);
    return shopper.locator('[data-total]').first().getAttribute('data-total');
  };
  await expect.poll(cards).toBe('1');
  // A rule counts what it finds before it holds.
  await side.getByText('By a rule').click();
  const add = side.getByRole('combobox', { name: 'Add to the rule' });
  await add.fill('reduced');
  await page
    .getByRole('option', { name: /^Reduced/ })
    .first()
    .click();
  const said = side.getByText(/^\d+ products? meets? the rule\.$/);
  await expect(said).toBeVisible();
  const { rows: reduced } = await store.pool.query<{ count: string }>(
    'SELECT count(*) FROM product WHERE reduced IS NOT NULL',
  );
  await expect(said).toHaveText(new RegExp(`^${reduced[0]!.count} products`));
  expect(await cards()).toBe('1');
  await side.getByRole('button', { name: 'Save the rule' }).click();
  await expect.poll(cards).toBe(reduced[0]!.count);
  await page.getByRole('button', { name: /^Take back rule of By the fire/ }).click();
  await expect.poll(cards).toBe('1');
});
