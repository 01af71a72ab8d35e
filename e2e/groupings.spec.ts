import type { Page } from '@playwright/test';
import { publishWith } from './publish.ts';
import { expect, signIn, test, type Store } from './store.ts';

async function open(
  page: Page,
  store: Store,
  place: 'Categories' | 'Collections' | 'Brands' | 'Tags' | 'Options',
): Promise<void> {
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

test('options and their values are put in order, named and coloured, and shoppers choose by them', async ({
  page,
  browser,
  store,
}) => {
  const { rows } = await store.pool.query<{
    slug: string;
    title: string;
    option: string;
    value: string;
    id: number;
  }>(
    `SELECT p.slug, p.title, o.name AS option, ov.name AS value, ov.id FROM product p
     JOIN variant v ON v.product_id = p.id JOIN variant_value vv ON vv.variant_id = v.id
     JOIN option_value ov ON ov.id = vv.option_value_id JOIN option o ON o.id = ov.option_id
     WHERE p.in_stock AND ov.colour IS NOT NULL
       AND (SELECT count(*) FROM variant WHERE product_id = p.id) > 2
     ORDER BY p.id, ov.position DESC LIMIT 1`,
  );
  const { slug, option, value, id } = rows[0]!;
  const shopper = await browser.newPage();
  const offered = async () => {
    await shopper.goto(`${store.url}/product/${slug}`);
    return shopper
      .locator('.product .options a')
      .evaluateAll((all) =>
        all.map((one) => (one.getAttribute('aria-label') ?? one.textContent ?? '').split(',')[0]!.trim()),
      );
  };
  const before = await offered();
  expect(before.length).toBeGreaterThan(2);
  expect(before[0]).not.toContain(value);

  await open(page, store, 'Options');
  await openRow(page, option);
  const side = page.getByRole('complementary', { name: option });
  const values = side.getByRole('treegrid', { name: /^Values/ });
  const line = values.getByRole('row', { name: value, exact: true });
  // By keyboard to the front, step by step.
  await line.scrollIntoViewIfNeeded();
  await line.focus();
  const places = async () =>
    (
      await store.pool.query<{ place: number }>(
        `SELECT (SELECT count(*)::int FROM option_value o WHERE o.option_id = v.option_id AND (o.position, o.id) < (v.position, v.id)) AS place
         FROM option_value v WHERE id = $1`,
        [id],
      )
    ).rows[0]!.place;
  for (let at = await places(); at > 0; at -= 1) {
    await page.keyboard.press('Alt+ArrowUp');
    await expect.poll(places).toBe(at - 1);
  }
  await expect(line).toBeFocused();
  await expect.poll(async () => (await offered())[0]).toContain(value);

  // Its products are a press away, and it from them.
  await line.press('Enter');
  await page
    .getByRole('complementary', { name: value })
    .getByRole('link', { name: /^\d+ products?$/ })
    .click();
  await expect(page.getByText(/products? found/)).toBeVisible();
  await page.getByRole('link', { name: value, exact: true }).click();

  // Opened, named otherwise, and of another colour.
  const one = page.getByRole('complementary', { name: value });
  await expect(one.getByText(/products? comes? in it, so it stays/)).toBeVisible();
  await one.getByRole('textbox', { name: 'Name' }).fill('Rain cloud');
  await page.keyboard.press('Enter');
  const renamed = page.getByRole('complementary', { name: 'Rain cloud' });
  await renamed.getByRole('group', { name: 'Colour' }).getByRole('button').nth(1).click();
  await saved(page);
  await expect.poll(async () => (await offered())[0]).toContain('Rain cloud');
  const { rows: kept } = await store.pool.query<{ colour: string }>(
    'SELECT colour FROM option_value WHERE id = $1',
    [id],
  );
  const swatch = shopper.locator('.product .options a').first().locator('.swatch path');
  await expect
    .poll(async () => {
      await offered();
      return swatch.getAttribute('fill');
    })
    .toBe(kept[0]!.colour);

  // A value more by mouse, and away again: nothing comes in it.
  await page.getByRole('link', { name: option, exact: true }).click();
  await side.getByRole('button', { name: 'New value' }).click();
  const dialog = page.getByRole('dialog', { name: 'New value' });
  await dialog.getByRole('textbox', { name: 'Name' }).fill('Moss');
  await dialog.getByRole('button', { name: 'Make the value' }).click();
  await page
    .getByRole('complementary', { name: 'Moss' })
    .getByRole('button', { name: 'Remove this value…' })
    .click();
  await page
    .getByRole('dialog', { name: 'Remove Moss' })
    .getByRole('button', { name: 'Remove the value' })
    .click();
  await expect(values.getByRole('row', { name: 'Rain cloud', exact: true })).toBeVisible();
  await expect(values.getByRole('row', { name: 'Moss' })).toHaveCount(0);
  await shopper.close();
});

test('a tag is called otherwise: its label and its products follow at once, and what asks for it is said before it goes', async ({
  page,
  browser,
  store,
}) => {
  const { rows } = await store.pool.query<{ title: string }>(
    `SELECT title FROM product WHERE tags @> '{speckled}' ORDER BY id LIMIT 1`,
  );
  const { title } = rows[0]!;
  await publishWith(store, { house: { labels: { list: [{ id: 'tag', kind: 'tag', tag: 'speckled' }] } } });
  const shopper = await browser.newPage();
  const said = (words: string) =>
    shopper.locator('[data-shelf="new-from-the-kiln"] .label-tag').filter({ hasText: words });
  await expect(async () => {
    await shopper.goto(store.url);
    await expect(said('speckled').first()).toBeAttached({ timeout: 1000 });
  }).toPass();
  await open(page, store, 'Tags');
  await openRow(page, 'speckled');
  const side = page.getByRole('complementary', { name: 'speckled' });
  await side.getByRole('textbox', { name: 'Name' }).fill('Full of dots');
  await page.keyboard.press('Enter');
  await saved(page);
  await expect(async () => {
    await shopper.goto(store.url);
    await expect(said('Full of dots').first()).toBeAttached({ timeout: 1000 });
    expect(await said('speckled').count()).toBe(0);
  }).toPass();
  // Its products are found by what it is called.
  const renamed = page.getByRole('complementary', { name: 'Full of dots' });
  await expect(renamed.getByText('know it as “speckled” as well')).toBeVisible();
  await renamed.getByRole('link', { name: /products$/ }).click();
  await expect(page.getByRole('link', { name: 'Full of dots' })).toBeVisible();
  await expect(page.getByText(/^\d+ products found$/)).toBeVisible();
  await page.getByRole('button', { name: 'All products' }).click();
  await page.getByRole('searchbox', { name: /^Find/ }).fill('of dots');
  await expect(page.getByRole('row').filter({ hasText: title })).toBeVisible();
  // What asks for it is said, and it can be taken back.
  await page.getByRole('link', { name: /^Tags/ }).click();
  await openRow(page, 'Full of dots');
  await renamed.getByRole('button', { name: 'Remove this tag…' }).click();
  await expect(page.getByRole('dialog')).toContainText('House style');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Take back name of speckled' }).click();
  await expect(row(page, 'speckled')).toBeVisible();
});
