import type { Page } from '@playwright/test';
import { barriers } from './barriers.ts';
import { publishByHand, publishWith } from './publish.ts';
import { shifted, watchShifts } from './shifts.ts';
import { expect, frameAt, openLine, OWNER, saved, signIn, test } from './store.ts';

/** Adds a bay of the library below the one that is chosen, found by its name. */
async function adds(page: Page, name: string): Promise<void> {
  await page.getByRole('button', { name: 'Add a bay' }).click();
  const library = page.getByRole('region', { name: 'Library of bays' });
  await library.getByLabel('Find a bay').fill(name);
  await library
    .getByRole('row', { name: new RegExp(`^${name},`) })
    .first()
    .click();
  await expect(library).toHaveCount(0);
}

const BAYS = [
  'Notice that can be closed',
  'Wide banner',
  'What people are buying',
  'Shop by category',
  'A story by turns',
  'Recently viewed',
  'Write to us',
];

test('a home page goes from nothing to notice, banner, tabs, categories, stories, what was viewed and a form', async ({
  page,
  store,
  browser,
}) => {
  await publishWith(store, { 'page:home': { bays: [] } });
  expect((await page.request.post(`${store.url}/api/session`, { data: OWNER })).ok()).toBe(true);
  await page.goto(`${store.url}/studio/arrange/home`);
  const outline = page.getByRole('grid', { name: 'Bays of Home' });
  for (const [i, name] of BAYS.entries()) {
    await adds(page, name);
    await expect(outline.getByRole('row')).toHaveCount(i + 1);
  }

  // A fourth tab: the third one copied, with a collection in it.
  await outline.getByRole('row', { name: 'What people are buying' }).click();
  await openLine(page, 'Tabs');
  const rows = page.getByRole('grid', { name: 'Tabs of the bay' }).getByRole('row');
  await rows.nth(1).click();
  await page.getByRole('button', { name: 'Copy this tab' }).click();
  await expect(rows).toHaveCount(4);
  await page
    .getByRole('region', { name: /^Settings of/ })
    .getByRole('textbox', { name: 'Name' })
    .fill('Chosen by us');
  const { rows: collections } = await store.pool.query<{ name: string }>(
    `SELECT name FROM collection c JOIN collection_product p ON p.collection_id = c.id
     GROUP BY c.id HAVING count(*) > 3 ORDER BY c.id LIMIT 1`,
  );
  await openLine(page, 'Shows');
  await page.getByRole('combobox', { name: 'Add to the rule' }).fill(collections[0]!.name);
  await page
    .getByRole('option', { name: /Collection/ })
    .first()
    .click();
  const phone = await frameAt(page, 'Phone');
  await expect(phone.locator('.tab')).toHaveText(['Bestselling', 'New', 'Chosen by us', 'Reduced']);
  await saved(page);
  await publishByHand(page);

  for (const javaScriptEnabled of [true, false]) {
    const shopper = await (await browser.newContext({ javaScriptEnabled })).newPage();
    if (javaScriptEnabled) await watchShifts(shopper);
    for (const width of [390, 1440]) {
      await shopper.setViewportSize({ width, height: 800 });
      await shopper.goto(store.url);
      await expect(shopper).toHaveTitle(/Kelverstone Clayworks/);
      await expect(shopper.locator('meta[name=description]')).toHaveAttribute('content', /./);
      await expect(shopper.locator('h1')).toHaveCount(1);
      await expect(shopper.getByText('Something every shopper should know')).toBeVisible();
      await expect(shopper.getByRole('heading', { name: 'Shop by category' })).toBeVisible();
      await expect(shopper.getByRole('textbox', { name: 'Your message' })).toBeVisible();
      // Nothing was viewed yet.
      await expect(shopper.getByRole('heading', { name: 'Recently viewed' })).toBeHidden();
      if (javaScriptEnabled) expect(await shifted(shopper)).toBe(0);
      const strip = shopper.locator('.main [data-bay]:has(.tab-strip)');
      await strip.locator('.tab', { hasText: 'Chosen by us' }).click();
      await expect(strip.locator('.tab[aria-current],.tab[aria-selected=true]')).toHaveText('Chosen by us');
      await expect(strip.locator('.card:visible').first()).toBeVisible();
      if (!javaScriptEnabled) continue;
      expect(await barriers(shopper, ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])).toEqual([]);
      expect(
        await shopper.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        ),
      ).toBe(0);
    }
    if (javaScriptEnabled) {
      // Closed, it stays closed; what is viewed comes in where it may be remembered.
      await shopper.getByRole('button', { name: 'Close this notice' }).click();
      await shopper.locator('.main .part-title a:visible').first().click();
      await shopper.getByRole('button', { name: 'Yes, remember' }).click();
      await shopper.goto(store.url);
      await expect(shopper.getByText('Something every shopper should know')).toBeHidden();
      await expect(shopper.getByRole('heading', { name: 'Recently viewed' })).toBeVisible();
    }
    await shopper.context().close();
  }
});

test('a carousel of categories leaves out the third level', async ({ page, store }) => {
  await signIn(page, store);
  await page
    .getByRole('grid', { name: 'Bays of Home' })
    .getByRole('row', { name: 'Shop by category' })
    .click();
  await openLine(page, 'Shows');
  await page.getByRole('button', { name: /Which categories$/ }).click();
  await page.getByRole('option', { name: 'All, at every level' }).click();
  const phone = await frameAt(page, 'Phone');
  const titles = () => phone.locator('[data-shelf="shop-by-category"] .part-title').allTextContents();
  const { rows } = await store.pool.query<{ name: string; depth: number }>(
    `SELECT c.name, (SELECT count(*)::int - 1 FROM category_closure x WHERE x.descendant_id = c.id) AS depth
     FROM category c`,
  );
  const third = new Set(rows.filter(({ depth }) => depth === 2).map(({ name }) => name));
  const others = new Set(rows.filter(({ depth }) => depth !== 2).map(({ name }) => name));
  await openLine(page, 'Layout');
  await page.getByRole('radio', { name: /^Carousel/ }).click({ force: true });
  await openLine(page, 'Columns');
  await expect.poll(async () => (await titles()).some((one) => third.has(one))).toBe(true);
  await openLine(page, 'Shows');
  const level = page.getByRole('switch', { name: 'The third level' });
  await level.focus();
  await page.keyboard.press('Space');
  await expect
    .poll(async () => (await titles()).some((one) => third.has(one) && !others.has(one)))
    .toBe(false);
  await saved(page);
  await publishByHand(page);
  await page.goto(store.url);
  const shelf = page.locator('[data-shelf="shop-by-category"]');
  await expect(shelf).toHaveAttribute('data-moving', /./);
  for (const title of await shelf.locator('.part-title').allTextContents())
    expect(others.has(title), title).toBe(true);
});
