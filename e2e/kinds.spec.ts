import type { Page } from '@playwright/test';
import { expect, saved, signIn, test } from './store.ts';

const begin = async (page: Page, of: string) => {
  await page.getByRole('button', { name: 'New assortment' }).click();
  await page.getByRole('menuitem', { name: `Of ${of}` }).click();
  await expect(page.getByRole('heading', { name: `New ${of}` })).toBeVisible();
};
const run = (page: Page) => page.getByRole('grid', { name: 'What it holds, in order' }).getByRole('row');
const titles = (page: Page) =>
  run(page).evaluateAll((rows) => rows.map((row) => row.querySelector('.title')!.textContent ?? ''));
const pick = async (page: Page, label: string, words: string) => {
  await page.getByRole('button', { name: label }).click();
  await page.getByRole('option', { name: words, exact: true }).click();
};

test('an assortment of categories: which ones, what is left out, in what order', async ({ page, store }) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/assortments`);
  await begin(page, 'categories');
  const { rows } = await store.pool.query(
    `SELECT name FROM category WHERE parent_id IS NULL AND NOT catch_all ORDER BY position, id`,
  );
  const roots = rows.map(({ name }) => name as string);
  await expect.poll(async () => (await titles(page)).every((title) => roots.includes(title))).toBe(true);
  const empties = await store.pool.query(
    `SELECT name FROM category c WHERE NOT EXISTS (SELECT FROM product p WHERE p.category_path @> ARRAY[c.id])`,
  );
  expect(empties.rowCount).toBeGreaterThan(0);

  await pick(page, 'Which categories', 'All, at every level');
  await expect.poll(() => run(page).count()).toBeGreaterThan(roots.length);
  const without = await titles(page);
  for (const { name } of empties.rows) expect(without).not.toContain(name);
  await expect(page.getByText(/^Not shown: .*\(empty\)/)).toBeVisible();
  await page.getByText('Empty ones', { exact: true }).click();
  await expect.poll(() => titles(page)).toContain(empties.rows[0].name);

  await pick(page, 'Order', 'By name');
  await expect
    .poll(async () => {
      const all = await titles(page);
      return all.every((title, i) => i === 0 || all[i - 1]!.toLowerCase() <= title.toLowerCase());
    })
    .toBe(true);
  await page.getByText('Limit').click();
  await page.getByRole('textbox', { name: 'At most' }).fill('3');
  await page.getByRole('textbox', { name: 'At most' }).press('Enter');
  await expect(run(page)).toHaveCount(3);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(() => run(page).count()).toBeGreaterThan(3);
});

test('assortments of collections and of journal entries: all, or hand-picked', async ({ page, store }) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/assortments`);
  await begin(page, 'collections');
  const { rows } = await store.pool.query('SELECT name FROM collection ORDER BY position');
  await expect.poll(() => titles(page)).toEqual(rows.map(({ name }) => name));
  await page.getByText('All collections', { exact: true }).last().click();
  await expect(page.getByText('Nothing matches.', { exact: false })).toBeVisible();
  for (const at of [3, 1]) {
    const field = page.getByRole('searchbox', { name: 'Choose collections' });
    await field.fill(rows[at].name);
    await page.getByRole('option', { name: rows[at].name }).click();
  }
  await pick(page, 'Order', 'As named');
  await expect.poll(() => titles(page)).toEqual([rows[3].name, rows[1].name]);

  await begin(page, 'journal entries');
  const entries = await store.pool.query(
    'SELECT title, tags FROM journal_entry WHERE published_at <= now() ORDER BY published_at DESC, id',
  );
  await expect.poll(() => titles(page)).toEqual(entries.rows.map(({ title }) => title));
  await pick(page, 'Order', 'Oldest');
  await expect.poll(() => titles(page)).toEqual(entries.rows.map(({ title }) => title).toReversed());
  const tag = entries.rows[0].tags[0] as string;
  await page.getByRole('searchbox', { name: 'Tag' }).fill(tag);
  await page.getByRole('option', { name: tag }).click();
  await expect
    .poll(() => titles(page))
    .toEqual(
      entries.rows
        .filter(({ tags }) => tags.includes(tag))
        .map(({ title }) => title)
        .toReversed(),
    );
});

test('loose pictures are put in with words and a link, shown in a new shelf and published', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/assortments`);
  await begin(page, 'pictures');
  const field = page.getByRole('combobox', { name: 'Put a picture in' });
  await field.fill('bowl');
  await page.getByRole('option').first().click();
  await page.getByLabel('Words', { exact: true }).fill('For soup');
  await page.getByLabel('Link', { exact: true }).fill('somewhere');
  await expect(page.getByText('Begin with "/" or "https://".')).toBeVisible();
  await page.getByLabel('Link', { exact: true }).fill('/category/tableware');
  await expect.poll(() => titles(page)).toEqual(['For soup']);

  await page.getByRole('button', { name: 'Show in a new shelf' }).click();
  await page.getByRole('menuitem', { name: 'On Home' }).click();
  const link = page
    .frameLocator('iframe[title^="The page on"]')
    .first()
    .getByRole('link', { name: 'For soup' });
  await expect(link).toHaveAttribute('href', '/category/tableware');
  await saved(page);
  await page.getByRole('button', { name: /^Publish/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Publish now' }).click();
  await expect(page.getByRole('dialog')).toContainText('is what shoppers see now');
  await page.goto(store.url);
  await page.getByRole('link', { name: 'For soup' }).click();
  await expect(page).toHaveURL(/\/category\/tableware$/);
});
