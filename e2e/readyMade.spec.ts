import type { Locator } from '@playwright/test';
import { expect, openLine, saved, signIn, test } from './store.ts';

test('a bay made beforehand is added, put into another ready-made arrangement, published, and taken back', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.getByRole('button', { name: 'Add a bay' }).click();
  const library = page.getByRole('region', { name: 'Library of bays' });
  await library.getByRole('row', { name: /^Bestselling,/ }).click();
  const near = page.frameLocator('iframe[title^="The page on"]').first();
  const bay = near.locator('[data-bay^="bestsold"]');
  await expect(bay.getByRole('heading', { name: 'Bestselling' })).toBeVisible();
  await expect(bay.locator('.card:visible').first()).toBeVisible();
  await expect(bay.locator('[data-moving]')).toHaveCount(0);

  await openLine(page, 'Layout');
  await page.getByRole('button', { name: 'Start from a ready-made arrangement' }).click();
  await page.getByRole('menuitem', { name: 'A row that runs on' }).click();
  await expect(bay.locator('[data-moving]')).toHaveCount(1);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(bay.locator('[data-moving]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(bay.locator('[data-moving]')).toHaveCount(1);
  await saved(page);

  // The page as it is live has not got it yet.
  await page.getByRole('button', { name: /^Tablet.*: bring near/ }).click();
  await page.getByRole('button', { name: 'Full size' }).click();
  const dialog = page.getByRole('dialog', { name: /at full size/ });
  await dialog.getByText('Compare with live').click();
  const live = dialog.frameLocator('iframe[title^="The page as it is live"]');
  await expect(live.locator('[data-bay="new-from-the-kiln"] .card').first()).toBeVisible();
  await expect(live.locator('[data-bay^="bestsold"]')).toHaveCount(0);
  await expect(dialog.getByRole('status')).toHaveText('1 bay differs, outlined');
  const outline = (bay: Locator) => bay.evaluate((one) => getComputedStyle(one).outlineStyle);
  const compared = dialog.frameLocator('iframe[title$="at full size"]');
  await expect(compared.locator('[data-bay^="bestsold"]')).toBeInViewport();
  expect(await outline(compared.locator('[data-bay^="bestsold"]'))).toBe('solid');
  expect(await outline(compared.locator('[data-bay="new-from-the-kiln"]'))).toBe('none');
  await expect(
    dialog.frameLocator('iframe[title$="at full size"]').locator('[data-bay^="bestsold"] .card').first(),
  ).toBeVisible();
  await dialog.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('button', { name: /^Publish/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Publish/ })
    .click();
  await expect(page.getByRole('button', { name: 'Nothing to publish' })).toBeVisible();
  const shop = await page.context().newPage();
  await shop.goto(store.url);
  const published = shop.locator('[data-bay^="bestsold"] [data-shelf]');
  await expect(published).toHaveAttribute('data-moving', 'over');
  const { rows } = await store.pool.query(
    `SELECT p.id FROM product p JOIN sold_daily s ON s.product_id = p.id
     WHERE p.in_stock AND s.day > (SELECT max(day) FROM sold_daily) - 30
     GROUP BY p.id ORDER BY sum(s.units) DESC, p.id LIMIT 1`,
  );
  expect(await published.locator('.card').first().getAttribute('data-card')).toBe(String(rows[0].id));
});

test('a bay of another page is copied with a shelf of its own', async ({ page, store }) => {
  await signIn(page, store, '/studio/arrange/shop');
  await page.getByRole('button', { name: 'Add a bay' }).click();
  const library = page.getByRole('region', { name: 'Library of bays' });
  await library.getByLabel('Find a bay').fill('kiln home');
  await library.getByRole('row', { name: 'New from the kiln, On Home' }).click();
  await saved(page);
  const { rows } = await store.pool.query(
    `SELECT key, body FROM draft_document WHERE key LIKE 'shelf:new-from-the-kiln%' ORDER BY key`,
  );
  expect(rows).toHaveLength(2);
  const [first, copy] = rows.map(({ body }) => body);
  expect({ ...copy, id: first.id }).toEqual(first);
  await openLine(page, 'Columns');
  await page.getByRole('button', { name: 'Columns on Phone: more' }).click();
  await saved(page);
  const after = await store.pool.query(
    `SELECT body FROM draft_document WHERE key = 'shelf:new-from-the-kiln'`,
  );
  expect(after.rows[0].body).toEqual(first);
});
