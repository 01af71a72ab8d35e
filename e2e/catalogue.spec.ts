import type { Page } from '@playwright/test';
import sharp from 'sharp';
import { expect, signIn, test, type Store } from './store.ts';

const grid = (page: Page) => page.getByRole('grid', { name: 'Products' });
const rows = (page: Page) => grid(page).locator('.goods');
const found = (page: Page) => page.getByRole('status').filter({ hasText: /^\d+ products?/ });

async function open(page: Page, store: Store): Promise<void> {
  await signIn(page, store);
  await page.getByRole('link', { name: 'Catalogue', exact: true }).click();
  await expect(rows(page).first()).toBeVisible();
}

/** A product that can be had in one way only, is not reduced, and is in stock. */
const plain = async (store: Store) => {
  const { rows: found } = await store.pool.query<{ id: number; slug: string; title: string; price: number }>(
    `SELECT p.id, p.slug, p.title, p.price FROM product p
     WHERE (SELECT count(*) FROM variant WHERE product_id = p.id) = 1 AND p.reduced IS NULL AND p.in_stock AND p.price > 2000
     ORDER BY p.id LIMIT 1`,
  );
  return found[0]!;
};

test('a product is found, its price changed while its page is open, and put back', async ({
  page,
  browser,
  store,
}) => {
  const { slug, title, price } = await plain(store);
  const shopper = await browser.newPage();
  const cost = async () => {
    await shopper.goto(`${store.url}/product/${slug}`);
    return (await shopper.locator('.told .cost').textContent())!.trim();
  };
  const before = await cost();
  await open(page, store);
  await page.getByRole('searchbox', { name: 'Find a product' }).fill(title);
  await expect(found(page)).toHaveText(/^\d+ products? found$/);
  await grid(page).getByRole('row', { name: title, exact: true }).getByText(title, { exact: true }).click();
  const editor = page.getByRole('complementary', { name: title });
  const field = editor.getByRole('textbox', { name: /^Price( of .+)?$/ });
  await field.fill(String(price / 100 + 1.25));
  await field.press('Enter');
  await expect(page.getByText('Saved. Shoppers see it at once.')).toBeVisible();
  await expect.poll(cost).toContain(((price + 125) / 100).toFixed(2));
  // The list says it too.
  await expect(grid(page).getByRole('row', { name: title, exact: true })).toContainText(
    ((price + 125) / 100).toFixed(2),
  );
  // A reduced price that is none is refused in a sentence, and nothing is written.
  const reduced = editor.getByRole('textbox', { name: /^Reduced price( of .+)?$/ });
  await reduced.fill(String(price / 100 + 50));
  await reduced.press('Enter');
  await expect(page.getByRole('alert')).toContainText('is not below its price');
  await page.getByRole('button', { name: 'Keep what is there' }).click();
  await expect(reduced).toHaveValue('');
  // What was done can be taken back after having been elsewhere too.
  await page.getByRole('link', { name: /^Pictures/ }).click();
  await expect(page.getByRole('grid', { name: 'Pictures, the newest first' })).toBeVisible();
  await page.getByRole('link', { name: /^Products/ }).click();
  await page.getByRole('button', { name: /^Take back price/ }).click();
  await expect.poll(cost).toBe(before);
  await expect(page.getByRole('button', { name: /^Do again price/ })).toBeVisible();
});

test('by keyboard alone: the list is gone through, sorted and narrowed, and a title and a tag are changed', async ({
  page,
  store,
}) => {
  await open(page, store);
  const count = Number((await found(page).textContent())!.match(/\d+/)![0]);
  await grid(page).getByRole('button', { name: 'Title' }).focus();
  await page.keyboard.press('Enter');
  await expect(grid(page).getByRole('columnheader', { name: 'Title' })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
  const { rows: titles } = await store.pool.query<{ title: string }>(
    'SELECT title FROM product ORDER BY title_key COLLATE "C", id',
  );
  await expect(rows(page).first()).toHaveAccessibleName(titles[0]!.title);
  await rows(page).first().focus();
  await page.keyboard.press('End');
  await expect(page.locator('.goods:focus')).toHaveAccessibleName(titles.at(-1)!.title);
  await expect(page.locator('.goods:focus')).toHaveAttribute('aria-rowindex', String(count + 1));
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Enter');
  const title = page.getByRole('textbox', { name: 'Title' });
  await expect(title).toHaveValue(titles.at(-2)!.title);
  await title.focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Zinc-white dish');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved. Shoppers see it at once.')).toBeVisible();
  const tag = page.getByRole('combobox', { name: 'Add a tag' });
  await tag.focus();
  await page.keyboard.type('odd one');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('list', { name: 'Tags of this product' })).toContainText('odd one');
  await expect
    .poll(async () => {
      const { rows: kept } = await store.pool.query<{ title: string; tags: string[] }>(
        `SELECT title, tags FROM product WHERE title = 'Zinc-white dish'`,
      );
      return kept[0]?.tags.includes('odd one');
    })
    .toBe(true);
  // Found by its new words.
  await page.getByRole('searchbox', { name: 'Find a product' }).fill('zinc odd');
  await expect(found(page)).toHaveText('1 product found');
  await page.getByRole('searchbox', { name: 'Find a product' }).fill('');
  // What is missing is counted as it is listed.
  const missing = page.getByRole('button', { name: /without a picture$/ });
  const lacking = Number((await missing.textContent())!.match(/\d+/)![0]);
  await missing.focus();
  await page.keyboard.press('Enter');
  await expect(missing).toHaveAttribute('aria-pressed', 'true');
  await expect(found(page)).toHaveText(new RegExp(`^${lacking} products? found$`));
});

test('prices and stock are set right in the list, by mouse and by keyboard, and seen by shoppers', async ({
  page,
  store,
}) => {
  // The first three of the list can be had in one way only.
  const { rows: three } = await store.pool.query<{ id: number; slug: string; title: string }>(
    `SELECT id, slug, title FROM product ORDER BY position, title_key, id LIMIT 3`,
  );
  await store.pool.query(
    'DELETE FROM variant WHERE product_id = ANY($1) AND id NOT IN (SELECT min(id) FROM variant GROUP BY product_id)',
    [three.map(({ id }) => id)],
  );
  await store.pool.query('UPDATE variant SET reduced = NULL, stock = 9 WHERE product_id = ANY($1)', [
    three.map(({ id }) => id),
  ]);
  await open(page, store);
  const [first, second] = three.map(({ title }) => title) as [string, string];
  const rowOf = (title: string) => grid(page).getByRole('row', { name: title, exact: true });
  const field = (name: string) => grid(page).getByRole('textbox', { name, exact: true });
  const shown = async (slug: string) => {
    const text = await (await page.request.get(`${store.url}/product/${slug}`)).text();
    return text.replaceAll(/<[^>]+>/g, ' ');
  };
  // By mouse: a press on the price, then below.
  await rowOf(first).getByRole('gridcell').nth(4).click();
  await expect(field(`Price of ${first}`)).toBeFocused();
  await page.keyboard.type('41.25');
  await page.keyboard.press('Enter');
  await expect(field(`Price of ${second}`)).toBeFocused();
  await page.keyboard.type('17.75');
  // A press on the title is for the whole product, and keeps what was typed.
  await rowOf(first).getByText(first, { exact: true }).click();
  await expect(page.getByRole('complementary', { name: first })).toBeVisible();
  await expect(rowOf(first)).toContainText('£41.25');
  await expect(rowOf(second)).toContainText('£17.75');
  await expect.poll(() => shown(three[0]!.slug)).toContain('£41.25');
  await expect.poll(() => shown(three[1]!.slug)).toContain('£17.75');
  // By keyboard: from the title on to the stock.
  await rowOf(first).focus();
  await page.keyboard.press('F2');
  for (const fact of ['Title', 'Item code', 'Price', 'Reduced price'])
    await expect(field(`${fact} of ${first}`))
      .toBeFocused()
      .then(() => page.keyboard.press('Tab'));
  await expect(field(`Stock of ${first}`)).toBeFocused();
  await page.keyboard.type('0');
  await page.keyboard.press('Tab');
  await expect(rowOf(first)).toBeFocused();
  await expect(rowOf(first)).toContainText('sold out');
  await page.getByRole('button', { name: `Take back stock of ${first}` }).click();
  await expect(rowOf(first)).not.toContainText('sold out');
});

test('what somebody else changed meanwhile is told of, and not written over unasked', async ({
  page,
  store,
}) => {
  const { id, title } = await plain(store);
  await open(page, store);
  await page.goto(`${store.url}/studio/catalogue/products/${id}`);
  const code = page.getByRole('textbox', { name: 'Item code' });
  await expect(code).not.toHaveValue('');
  // Beside an open product the list spares what that says, and nothing of the rest is cut off.
  const grid = page.getByRole('grid', { name: 'Products' });
  const heads = grid.getByRole('columnheader');
  await expect(heads.last()).toHaveText('Category');
  expect(await grid.evaluate((one) => one.scrollWidth - one.clientWidth)).toBe(0);
  await page.setViewportSize({ width: 1920, height: 1080 });
  await expect(heads.last()).toHaveText('Rating');
  await page.setViewportSize({ width: 1280, height: 800 });
  await store.pool.query(`UPDATE product SET code = 'THEIRS' WHERE id = $1`, [id]);
  await code.fill('MINE');
  await code.press('Enter');
  const told = page.getByRole('alert');
  await expect(told).toContainText(`Not saved, item code of ${title}`);
  await expect(told).toContainText('“THEIRS”');
  await expect(code).toHaveValue('THEIRS');
  const kept = async () =>
    (await store.pool.query<{ code: string }>('SELECT code FROM product WHERE id = $1', [id])).rows[0]!.code;
  expect(await kept()).toBe('THEIRS');
  await page.getByRole('button', { name: 'Write mine' }).click();
  await expect.poll(kept).toBe('MINE');
  await expect(told).toHaveCount(0);
});

test('several products are tagged and priced together, and both taken back', async ({ page, store }) => {
  await open(page, store);
  const three = await rows(page).evaluateAll((all) =>
    all.slice(0, 3).map((one) => one.getAttribute('aria-label')!),
  );
  for (const name of three) await page.getByRole('checkbox', { name: `Choose ${name}`, exact: true }).check();
  await expect(page.getByText('3 products chosen')).toBeVisible();
  const facts = async () =>
    (
      await store.pool.query<{ tags: string[]; prices: number[] }>(
        `SELECT tags, ARRAY(SELECT price FROM variant WHERE product_id = p.id ORDER BY id) AS prices
         FROM product p WHERE title = ANY($1) ORDER BY id`,
        [three],
      )
    ).rows;
  const before = await facts();
  await page.getByRole('combobox', { name: 'Add a tag to all' }).fill('window');
  await page.getByRole('option', { name: /^window/ }).click();
  await expect.poll(async () => (await facts()).every(({ tags }) => tags.includes('window'))).toBe(true);
  await page.getByRole('textbox', { name: 'Prices by %' }).fill('-20');
  await page.getByRole('textbox', { name: 'Prices by %' }).press('Enter');
  await page.getByRole('button', { name: 'Change prices' }).click();
  await expect
    .poll(async () => (await facts()).map(({ prices }) => prices))
    .toEqual(before.map(({ prices }) => prices.map((price) => Math.round(price * 0.8))));
  await page.getByRole('button', { name: 'Take back prices by -20 % of 3 products' }).click();
  await page.getByRole('button', { name: 'Take back tag window of 3 products' }).click();
  await expect.poll(facts).toEqual(before);
});

test('a product is made, pictured, put into a category, seen on its page and in the list of the shop at once, and removed', async ({
  page,
  browser,
  store,
}) => {
  await open(page, store);
  await page.getByRole('button', { name: 'New product' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill('Zephyr bowl');
  const price = page.getByRole('textbox', { name: 'Price' });
  await price.fill('37.5');
  await price.press('Tab');
  await page.getByRole('button', { name: 'Make the product' }).click();
  const editor = page.getByRole('complementary', { name: 'Zephyr bowl' });
  await expect(editor.getByText('sold out')).toBeVisible();
  const stock = editor.getByRole('textbox', { name: 'Stock' });
  await stock.fill('4');
  await stock.press('Enter');
  await editor.getByRole('option', { name: /^Vases/ }).click();
  await expect(page.getByText('Saved. Shoppers see it at once.')).toBeVisible();
  // Two pictures, the second of which is put first by keyboard.
  const file = async (name: string, colour: string) => ({
    name,
    mimeType: 'image/png',
    buffer: await sharp({ create: { width: 300, height: 200, channels: 3, background: colour } })
      .png()
      .toBuffer(),
  });
  await editor
    .locator('input[type=file]')
    .setInputFiles([await file('Grey side.png', '#667788'), await file('Green front.png', '#447755')]);
  const tile = (place: number) => editor.getByRole('row', { name: new RegExp(`^${place}, `) });
  // What it is called is fetched after it.
  await expect(tile(2)).toHaveAccessibleName(/Green front|Grey side/);
  const second = (await tile(2).getAttribute('aria-label'))!.replace('2, ', '');
  await tile(2).focus();
  await page.keyboard.press('Alt+ArrowLeft');
  await expect(tile(1)).toHaveAccessibleName(`1, ${second}`);
  await editor.getByRole('textbox', { name: 'Shows' }).fill('The bowl on a table');
  await expect
    .poll(async () => {
      const {
        rows: [first],
      } = await store.pool.query<{ alt: string; name: string }>(
        `SELECT pic.alt, pic.name FROM product p JOIN product_picture pp ON pp.product_id = p.id AND pp.position = 0
         JOIN picture pic ON pic.id = pp.picture_id WHERE p.slug = 'zephyr-bowl'`,
      );
      return first;
    })
    .toEqual({ alt: 'The bowl on a table', name: second });
  const shopper = await browser.newPage();
  await shopper.goto(`${store.url}/product/zephyr-bowl`);
  await expect(shopper.getByRole('img', { name: 'The bowl on a table' }).first()).toBeVisible();
  await expect(shopper.getByRole('heading', { level: 1 })).toHaveText('Zephyr bowl');
  await expect(shopper.locator('.told .cost')).toHaveText('£37.50');
  await expect(shopper.getByRole('button', { name: 'Add to basket' })).toBeVisible();
  await shopper.goto(`${store.url}/search?q=zephyr`);
  await expect(shopper.locator('.card:visible').filter({ hasText: 'Zephyr bowl' })).toHaveCount(1);
  await editor.getByRole('button', { name: 'Remove this product…' }).click();
  await page.getByRole('button', { name: 'Remove the product' }).click();
  await expect(editor).toHaveCount(0);
  expect((await shopper.goto(`${store.url}/product/zephyr-bowl`))!.status()).toBe(404);
});

test('a long description is written as it reads, kept until it is saved, and read by shoppers with its headings and lists', async ({
  page,
  browser,
  store,
}) => {
  const { rows } = await store.pool.query<{ id: number; slug: string; title: string }>(
    'SELECT id, slug, title FROM product WHERE in_stock ORDER BY id LIMIT 1',
  );
  const { id, slug, title } = rows[0]!;
  await signIn(page, store);
  await page.goto(`${store.url}/studio/catalogue/products/${id}`);
  const side = page.getByRole('complementary', { name: title });
  const box = side.getByRole('textbox', { name: 'Long description' });
  await box.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('Fit for every day.');
  await page.keyboard.press('Enter');
  await side.getByRole('button', { name: 'Heading', exact: true }).click();
  await page.keyboard.type('Good for');
  await page.keyboard.press('Enter');
  await side.getByRole('button', { name: 'List with bullets' }).click();
  await page.keyboard.type('porridge');
  await page.keyboard.press('Enter');
  await page.keyboard.type('soup & bread');
  const before = () =>
    store.pool
      .query<{ long: string }>('SELECT long_text AS long FROM product_text WHERE product_id = $1', [id])
      .then((found) => found.rows[0]!.long);
  expect(await before()).not.toContain('porridge');
  // Whoever leaves finds it again.
  await page.reload();
  await expect(box.locator('li')).toHaveText(['porridge', 'soup & bread']);
  await side.getByRole('button', { name: 'Save the long description' }).click();
  await expect(page.getByRole('button', { name: `Take back long description of ${title}` })).toBeVisible();
  expect(await before()).toBe(
    '<p>Fit for every day.</p>\n<h2>Good for</h2>\n<ul><li>porridge</li><li>soup &amp; bread</li></ul>',
  );
  const shopper = await browser.newPage({ javaScriptEnabled: false });
  await expect(async () => {
    await shopper.goto(`${store.url}/product/${slug}`);
    await expect(shopper.getByRole('heading', { level: 2, name: 'Good for' })).toBeVisible({ timeout: 1000 });
  }).toPass();
  await expect(shopper.locator('.long li')).toHaveText(['porridge', 'soup & bread']);
  const [list, text] = await shopper.evaluate(() =>
    ['.long ul', '.long p'].map((one) => document.querySelector(one)!.getBoundingClientRect().top),
  );
  expect(list).toBeGreaterThan(text!);
  // It is found by its words, and by none of how it is written.
  await shopper.goto(`${store.url}/search?q=porridge`);
  await expect(shopper.getByRole('link', { name: title }).first()).toBeVisible();
});
