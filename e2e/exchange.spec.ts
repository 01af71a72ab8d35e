import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, signIn, test, type Store } from './store.ts';

const file = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

async function open(page: Page, store: Store): Promise<void> {
  await signIn(page, store);
  await page.getByRole('link', { name: 'Catalogue', exact: true }).click();
  await page.getByRole('link', { name: 'Import', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Choose a file' })).toBeVisible();
}

const choose = (page: Page, text: string, name = 'spring.csv') =>
  page.locator('input[type=file]').setInputFiles(file(name, text));

const rowsOf = (page: Page, name: RegExp) => page.getByRole('table', { name }).getByRole('row');

/** All products as the store exports them. */
async function exported(page: Page): Promise<string> {
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Export', exact: true }).click();
  const saved = await download;
  expect(saved.suggestedFilename()).toBe('products.csv');
  return readFile(await saved.path(), 'utf8');
}

test('a file of another shop is matched, looked at, imported, seen at once, and undone', async ({
  page,
  browser,
  store,
}) => {
  await open(page, store);
  const before = await exported(page);
  await choose(
    page,
    [
      'ref;name;teaser;cost;stock;department;maker;finish',
      'N-1;Spring jug;It pours.;34,50 €;4;Spring table > Jugs;Marl & Daughter;Inkwell',
      'N-1;;;36,00 €;0;;;Salt white',
      'N-2;Spring cup;;12,00 €;9;Spring table > Cups;Marl & Daughter;',
      'N-3;Spring bowl;;twelve;1;;;',
    ].join('\n'),
  );
  // Found by their names and values; the option is for its owner to say.
  const columns = rowsOf(page, /^Columns of the file$/);
  await expect(columns).toHaveCount(9);
  await expect(columns.filter({ hasText: /^cost/ })).toContainText('money in GBP');
  await expect(page.getByRole('button', { name: '1.234,50 Numbers' })).toBeVisible();
  await page.getByRole('button', { name: 'Leave out What finish is' }).click();
  await page.getByRole('option', { name: 'New option: finish' }).click();
  await expect(columns.filter({ hasText: /^finish/ })).toContainText('a new option of 2 values');
  await page.getByRole('button', { name: '1 not importable' }).click();
  await expect(rowsOf(page, /^1 not importable$/)).toHaveText(
    'line 5Price “twelve” is not an amount.Spring bowl',
  );
  await page.getByRole('button', { name: '2 new' }).click();
  await expect(rowsOf(page, /^2 new$/)).toHaveText([
    'line 2Spring jugN-1from £34.502 variantsSpring table > Jugs',
    'line 4Spring cupN-2£12Spring table > Cups',
  ]);
  const shopper = await browser.newPage();
  expect((await shopper.goto(`${store.url}/product/spring-jug`))!.status()).toBe(404);

  // On by the keyboard.
  await page.getByRole('button', { name: 'Import 2 products' }).press('Enter');
  await expect(page.getByText('2 products imported.')).toBeVisible();
  expect((await shopper.goto(`${store.url}/product/spring-jug`))!.status()).toBe(200);
  await expect(shopper.getByRole('heading', { name: 'Spring jug' })).toBeVisible();
  await expect(shopper.getByText('Salt white').first()).toBeVisible();
  await expect(page.getByText(/^Last import on \d+ \w+: 2 products$/)).toBeVisible();
  await page.getByRole('link', { name: 'See the products' }).click();
  await page.getByRole('searchbox', { name: 'Find a product' }).fill('N-1');
  await expect(page.getByRole('row', { name: 'Spring jug', exact: true })).toContainText('from £34.50');

  // Undone after having been elsewhere: all is as it was, to the byte.
  await page.getByRole('link', { name: 'Import', exact: true }).click();
  await page.getByRole('button', { name: 'Undo the import' }).press('Enter');
  await expect(page.getByText('The import was undone.')).toBeVisible();
  await expect(page.getByText('Everything is as it was before the import.')).toBeVisible();
  expect((await shopper.goto(`${store.url}/product/spring-jug`))!.status()).toBe(404);
  expect(await exported(page)).toBe(before);
});

test('what the store exports comes back as it is, and with one price changed as that alone', async ({
  page,
  store,
}) => {
  await open(page, store);
  const before = await exported(page);
  await choose(page, before, 'products.csv');
  await expect(page.getByText('There is nothing new in this file.')).toBeVisible();
  await expect(page.getByRole('button', { name: '0 not importable' })).toBeDisabled();
  const { rows } = await store.pool.query<{ title: string; price: string; code: string }>(
    `SELECT p.title, p.code, (p.price / 100.0)::numeric(9, 2)::text AS price FROM product p
     WHERE (SELECT count(*) FROM variant WHERE product_id = p.id) = 1 AND p.reduced IS NULL AND p.code <> '' ORDER BY p.id LIMIT 1`,
  );
  const { title, price, code } = rows[0]!;
  const lines = before.split('\r\n');
  const at = lines.findIndex((line) => line.includes(`,${code},`));
  lines[at] = lines[at]!.replace(`,${price},`, ',999.00,');
  await page.getByRole('button', { name: 'Choose another file' }).click();
  await choose(page, lines.join('\r\n'), 'products.csv');
  await expect(rowsOf(page, /^1 changed$/)).toHaveText(new RegExp(`^line \\d+${title}Price.* → £999$`));

  // What is being written can be left; a second window sees how far it is.
  await page.getByRole('button', { name: 'Import 1 product' }).click();
  await page.getByRole('link', { name: /^Products/ }).click();
  await page.getByRole('searchbox', { name: 'Find a product' }).fill(code);
  await expect(page.getByRole('row', { name: title, exact: true })).toContainText('£999');
  await page.getByRole('link', { name: 'Import', exact: true }).click();
  await page.getByRole('button', { name: 'Undo the import' }).click();
  await expect(page.getByText('The import was undone.')).toBeVisible();
  expect(await exported(page)).toBe(before);
});

test('a file that cannot be read says where, and is read in another way', async ({ page, store }) => {
  await open(page, store);
  await choose(page, `title,price\nCup,1\n"Pot,2\n`);
  await expect(page.getByRole('alert')).toHaveText(/^A quote that begins in the row of line 3 never ends\./);
  await page.getByRole('button', { name: 'double quotes Quotes' }).click();
  await page.getByRole('option', { name: 'single quotes' }).click();
  await expect(page.getByRole('button', { name: 'Import 2 products' })).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
});
