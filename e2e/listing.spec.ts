import type { Locator, Page } from '@playwright/test';
import { publishByHand } from './publish.ts';
import { shifted, watchShifts } from './shifts.ts';
import { expect, frameAt, openLine, saved, signIn, test } from './store.ts';

const found = async (page: Page) => Number((await page.locator('.tool-count').textContent())!.split(' ')[0]);
const list = (page: Page) => page.locator('[data-listing=shop]');
const filters = (page: Page, of = list(page)) => of.getByRole('group', { name: 'Filters' });

/** Follows a value, and holds what comes to the count beside it. */
async function follow(page: Page, value: Locator): Promise<number> {
  const count = Number(await value.getAttribute('data-count'));
  await value.click();
  await expect(page.locator('.tool-count')).toHaveText(new RegExp(`^${count} products?$`));
  return count;
}

const titles = (page: Page) => list(page).locator('.card:visible .part-title').allTextContents();
const prices = async (page: Page) =>
  (await list(page).locator('.card:visible .part-price').allTextContents()).map((text) =>
    Number(/£([\d.]+)/.exec(text)![1]),
  );

test('the shop is narrowed by three filters with counts that come true, sorted, paged, shared by its address, and left again by the back button', async ({
  page,
  browser,
  store,
}) => {
  await watchShifts(page);
  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto(`${store.url}/shop`);
  const all = await found(page);
  expect(await shifted(page)).toBe(0);
  await page.evaluate(() => ((window as unknown as { stays: boolean }).stays = true));

  const tableware = await follow(page, filters(page).getByRole('link', { name: /^Tableware, \d/ }));
  expect(tableware).toBeLessThan(all);
  // What was pressed keeps the keyboard, though all of it is new.
  await expect(filters(page).getByRole('link', { name: 'Tableware, chosen' })).toBeFocused();
  await expect(filters(page).getByRole('link', { name: /^Plates, \d/ })).toBeVisible();
  await follow(page, filters(page).getByRole('link', { name: /^In stock only, \d/ }));
  const one = await follow(page, filters(page).getByRole('link', { name: /^Fogbank, \d/ }));
  const both = await follow(page, filters(page).getByRole('link', { name: /^Oatmeal, \d+ more/ }));
  expect(both).toBeGreaterThan(one);
  await page.getByLabel('Price, to').fill('40');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(
    /\/shop\?category=tableware&glaze=fogbank&glaze=oatmeal&in-stock=yes&price=-40#/,
  );
  await page.getByLabel('Sort by').selectOption('price-down');
  await expect(page).toHaveURL(/price=-40&sort=price-down#/);
  const narrowed = await found(page);
  expect(narrowed).toBeGreaterThan(0);
  expect(narrowed).toBeLessThan(both);
  const now = await prices(page);
  expect(now).toEqual([...now].sort((a, b) => b - a));
  expect(Math.max(...now)).toBeLessThanOrEqual(40);
  expect(await page.evaluate(() => (window as unknown as { stays?: boolean }).stays)).toBe(true);

  // Typefaces stay, and are not fetched again; to another place of the page nothing is.
  expect(await page.evaluate(() => [...document.fonts].some(({ status }) => status === 'loaded'))).toBe(true);
  let fetched = 0;
  page.on('request', (request) => (fetched += Number(/woff2$|\/shop\?/.test(request.url()))));
  await page.evaluate(() => (location.hash = 'foot'));
  await page.goBack();
  await expect(page).toHaveURL(/#list-shop$/);
  expect(await found(page)).toBe(narrowed);
  expect(fetched).toBe(0);

  // Somebody else opens the same address.
  const other = await browser.newPage();
  await other.goto(page.url());
  expect(await found(other)).toBe(narrowed);
  expect(await titles(other)).toEqual(await titles(page));
  await other.close();

  // Taken off one by one, and back.
  await list(page).getByRole('link', { name: 'Remove Up to £40' }).press('Enter');
  await expect(page.locator('.tool-count')).toHaveText(`${both} products`);
  await expect(page.locator('.tool-count')).toBeFocused();
  await page.goBack();
  await expect(page.locator('.tool-count')).toHaveText(new RegExp(`^${narrowed} `));
  await page.getByRole('link', { name: 'Remove all' }).click();
  await expect(page.locator('.tool-count')).toHaveText(`${all} products`);
  await expect(page).toHaveURL(/\/shop\?sort=price-down#/);

  const first = await titles(page);
  const span = list(page).locator('.tool-span:visible');
  await expect(span).toHaveText(`1 to ${first.length}`);
  await list(page).locator('.pager:visible').getByRole('link', { name: 'Next' }).click();
  await expect(page).toHaveURL(/shop\.from=\d+&sort=price-down#/);
  await expect.poll(() => titles(page)).not.toEqual(first);
  await expect(span).toHaveText(`${first.length + 1} to ${2 * first.length}`);
  expect(await page.evaluate(() => (window as unknown as { stays?: boolean }).stays)).toBe(true);
  await page.goBack();
  await expect.poll(() => titles(page)).toEqual(first);
});

test('a shopper switches between grid and list, and puts the list back, with all that was chosen', async ({
  page,
  store,
}) => {
  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto(`${store.url}/shop?brand=ansa-marrick`);
  // In one look: between two of them another list may take the place of this one.
  const beside = () =>
    page.evaluate(() => {
      const [picture, title] = ['.part-picture', '.part-title'].map((part) =>
        document.querySelector(`[data-listing=shop] .card ${part}`)!.getBoundingClientRect(),
      );
      return title!.left >= picture!.right;
    });
  expect(await beside()).toBe(false);
  const switches = list(page).getByRole('group', { name: 'View as' });
  await switches.getByRole('link', { name: 'List' }).press('Enter');
  await expect(page).toHaveURL(/\/shop\?brand=ansa-marrick&view=list#/);
  await expect.poll(beside).toBe(true);
  await expect(switches.getByRole('link', { name: 'List' })).toBeFocused();
  await follow(page, filters(page).getByRole('link', { name: /^In stock only, \d/ }));
  expect(await beside()).toBe(true);
  await switches.getByRole('link', { name: 'Grid' }).click();
  await expect.poll(beside).toBe(false);
  await expect(page).toHaveURL(/\/shop\?brand=ansa-marrick&in-stock=yes#/);

  // As a table, by whose headings it is sorted, with what was chosen.
  await switches.getByRole('link', { name: 'Table' }).click();
  await expect(page).toHaveURL(/&view=table#/);
  const table = list(page).getByRole('table');
  await table.getByRole('columnheader', { name: 'Price' }).getByRole('link').click();
  await expect(page).toHaveURL(/\?brand=ansa-marrick&in-stock=yes&sort=price&view=table#/);
  await expect(table.getByRole('columnheader', { name: 'Price' })).toHaveAttribute('aria-sort', 'ascending');
  // The menu says the same.
  await expect(page.getByLabel('Sort by')).toHaveValue('price');
  await page.goBack();
  await page.goBack();
  await expect(table).toHaveCount(0);

  // More at once, from the same card on.
  const across = () =>
    page.evaluate(() => {
      const cards = [...document.querySelectorAll('[data-listing=shop] .card')].map((card) =>
        card.getBoundingClientRect(),
      );
      return cards.filter(({ top, width }) => width > 0 && top === cards[0]!.top).length;
    });
  const roomy = await across();
  const first = (await titles(page))[0];
  await page.getByRole('link', { name: 'Dense' }).click();
  await expect.poll(across).toBe(Math.ceil(roomy * 1.5));
  await expect(page).toHaveURL(/\?brand=ansa-marrick&density=dense&in-stock=yes#/);
  expect((await titles(page))[0]).toBe(first);
  await expect(page.getByRole('link', { name: 'Dense' })).toBeFocused();
  await page.goBack();
  await expect.poll(across).toBe(roomy);
});

test.describe('without script', () => {
  test.use({ javaScriptEnabled: false });

  test('the same is done by links and forms alone', async ({ page, store }) => {
    await page.setViewportSize({ width: 1280, height: 900 });
    await page.goto(`${store.url}/shop`);
    await follow(page, filters(page).getByRole('link', { name: /^Tableware, \d/ }));
    await page.getByLabel('Price, from').fill('30');
    await page.getByLabel('Price, to').fill('20');
    await page.getByRole('button', { name: 'Apply Price' }).click();
    await page.getByLabel('Sort by').selectOption('price');
    await page.getByRole('button', { name: 'Sort', exact: true }).click();
    const now = await prices(page);
    expect(now.length).toBeGreaterThan(2);
    expect(now).toEqual([...now].sort((a, b) => a - b));
    // Cards say their lowest price, though another variant is the one that costs so much.
    expect(now.at(-1)).toBeLessThanOrEqual(30);
    await expect(list(page).getByRole('list', { name: 'Chosen' }).getByRole('link')).toHaveText([
      'Tableware',
      '£20 to £30',
      'Remove all',
    ]);
    await page.getByRole('link', { name: 'Remove all' }).click();
    await expect(list(page).getByRole('list', { name: 'Chosen' })).toHaveCount(0);
  });

  test('filters are behind a button on a phone', async ({ page, store }) => {
    await page.setViewportSize({ width: 390, height: 800 });
    await page.goto(`${store.url}/shop`);
    await expect(filters(page)).toBeHidden();
    await page.getByRole('button', { name: 'Filters' }).click();
    await expect(filters(page)).toBeVisible();
    await follow(page, filters(page).getByRole('link', { name: /^Planters, \d/ }));
    await expect(filters(page)).toBeHidden();
    await expect(list(page).getByRole('link', { name: 'Remove Planters' })).toBeVisible();
  });
});

test('on a phone several values are chosen one after the other, while the filters stay open', async ({
  page,
  store,
}) => {
  await watchShifts(page);
  await page.setViewportSize({ width: 390, height: 800 });
  await page.goto(`${store.url}/shop`);
  expect(await shifted(page)).toBe(0);
  await page.getByRole('button', { name: 'Filters' }).press('Enter');
  await follow(
    page,
    filters(page)
      .getByRole('link', { name: /^Moss|^Fogbank, \d/ })
      .first(),
  );
  await expect(filters(page)).toBeVisible();
  await follow(page, filters(page).getByRole('link', { name: /^Ansa Marrick, \d/ }));
  await expect(filters(page)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(filters(page)).toBeHidden();
  await expect(page.getByRole('button', { name: 'Filters 2' })).toBeFocused();
});

test('the owner adds a filter, puts the filters at the end and withholds a way to sort; shoppers have it once it is published', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/shop?bay=shop');
  await openLine(page, 'Tools');
  const wide = await frameAt(page, 'Wide');
  await expect(wide.locator('.tool-count')).toHaveText(/^\d+ products$/);
  await page.getByRole('button', { name: /Add a filter$/ }).click();
  await page.getByRole('option', { name: 'Food-safe' }).click();
  await expect(wide.locator('.filter-name', { hasText: 'Food-safe' })).toBeVisible();
  const group = page.getByRole('group', { name: 'Ways to sort' });
  await group.getByRole('checkbox', { name: 'Price, lowest first' }).focus();
  await page.keyboard.press('Space');
  await expect(wide.locator('.tool-sort option')).toHaveText([
    'Recommended',
    'Newest',
    'Price, highest first',
    'Best rated',
    'Name',
  ]);
  // In words of its own, where they are seen: the heading of the filters is not where they stand beside the list.
  const words = page.getByRole('textbox', { name: 'Before the sort menu' });
  await words.fill('In order of');
  await words.press('Enter');
  await expect(wide.locator('.tool-sort label > span')).toHaveText('In order of');
  const many = page.getByRole('textbox', { name: 'Words of the number found' });
  await many.fill('{count} pots');
  await many.press('Enter');
  await expect(wide.locator('.tool-count')).toHaveText(/^\d+ pots$/);
  await many.fill('');
  await many.press('Enter');
  await expect(wide.locator('.tool-count')).toHaveText(/^\d+ products$/);
  const called = page.getByRole('textbox', { name: 'Above the filters, and on their button' });
  await called.fill('Narrow down');
  await called.press('Enter');
  await expect(wide.getByRole('group', { name: 'Narrow down' })).toBeVisible();
  const before = (await wide.locator('.filters').boundingBox())!;
  await page.getByRole('button', { name: /Filters stand on Laptop$/ }).click();
  await page.getByRole('listbox').getByRole('option', { name: 'At the end' }).click();
  await expect.poll(async () => (await wide.locator('.filters').boundingBox())!.x).toBeGreaterThan(before.x);
  await saved(page);
  await publishByHand(page);
  await page.setViewportSize({ width: 1440, height: 900 });
  await page.goto(`${store.url}/shop`);
  await expect(page.locator('.filter-name', { hasText: 'Food-safe' })).toBeVisible();
  const [side, goods] = await Promise.all(
    ['.filters', '.list'].map((one) => page.locator(one).boundingBox()),
  );
  expect(side!.x).toBeGreaterThan(goods!.x + goods!.width - 1);
  const narrowed = list(page).getByRole('group', { name: 'Narrow down' });
  await follow(page, narrowed.getByRole('list', { name: 'Food-safe' }).getByRole('link').first());
  await expect(
    page.getByLabel('In order of').getByRole('option', { name: 'Price, lowest first' }),
  ).toHaveCount(0);
  // On a phone they are behind a button of that name.
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('button', { name: /^Narrow down/ }).click();
  await expect(narrowed.getByText('Narrow down', { exact: true })).toBeVisible();
});

test('filters as menus above the list: one is open at a time, stays open while values are chosen, and is closed from elsewhere', async ({
  page,
  browser,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/shop');
  await openLine(page, 'Tools');
  await page.getByRole('button', { name: /^(?!Reset).*Filters stand on Laptop$/ }).click();
  await page.getByRole('option', { name: 'As menus above' }).click();
  await saved(page);
  await publishByHand(page);
  await page.setViewportSize({ width: 1100, height: 800 });
  await page.goto(`${store.url}/shop`);
  await expect(filters(page)).toBeHidden();
  await expect(page.getByRole('button', { name: 'Filters' })).toBeHidden();
  const menu = (name: string) =>
    page.locator('.filter-menu').filter({ has: page.getByText(name, { exact: true }) });
  const box = (name: string) => menu(name).locator('.filter-menu-box');
  // The list has all of the width.
  const [listed, whole] = await page.evaluate(() =>
    ['[data-listing] .shelf, [data-listing] [data-shelf]', '[data-listing]'].map(
      (selector) => document.querySelector(selector)!.getBoundingClientRect().width,
    ),
  );
  expect(Math.abs(listed! - whole!)).toBeLessThan(1);

  await menu('Category').locator('summary').click();
  await expect(box('Category')).toBeVisible();
  await menu('Maker').locator('summary').click();
  await expect(box('Maker')).toBeVisible();
  await expect(box('Category')).toBeHidden();
  await follow(page, box('Maker').getByRole('link', { name: /^Ansa Marrick, \d/ }));
  await expect(page.locator('.filter-menu[open] summary')).toHaveText('Maker (1)');
  await expect(
    page.locator('.filter-menu[open]').getByRole('link', { name: 'Ansa Marrick, chosen' }),
  ).toBeFocused();
  // Below its name, and never out of the window.
  const [name, opened] = await page.evaluate(() =>
    ['.filter-menu[open] summary', '.filter-menu[open] .filter-menu-box'].map((selector) => {
      const { left, right } = document.querySelector(selector)!.getBoundingClientRect();
      return { left, right };
    }),
  );
  expect(opened!.left).toBeCloseTo(name!.left, 0);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(1100);
  await page.keyboard.press('Escape');
  await expect(page.locator('.filter-menu[open]')).toHaveCount(0);
  await expect(page.locator('.filter-menu summary').filter({ hasText: 'Maker' })).toBeFocused();
  await page.locator('.filter-menu summary').filter({ hasText: 'Price' }).click();
  await page.getByLabel('Price, to').last().fill('40');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/brand=ansa-marrick&price=-40/);
  await page.locator('.tool-count').click();
  await expect(page.locator('.filter-menu[open]')).toHaveCount(0);

  // Behind a button still, where it is narrow; and without script.
  const context = await browser.newContext({
    javaScriptEnabled: false,
    viewport: { width: 1100, height: 800 },
  });
  const plain = await context.newPage();
  await plain.goto(`${store.url}/shop`);
  await plain.locator('.filter-menu summary').filter({ hasText: 'Maker' }).click();
  await plain
    .locator('.filter-menu[open]')
    .getByRole('link', { name: /^Ansa Marrick, \d/ })
    .click();
  await expect(plain).toHaveURL(/\?brand=ansa-marrick#/);
  await plain.setViewportSize({ width: 390, height: 844 });
  await expect(plain.locator('.filter-menus')).toBeHidden();
  await expect(plain.getByRole('button', { name: /^Filters/ })).toBeVisible();
  await context.close();
});

test('a page of a category has what is below it first and its products then, each in a layout of its own, or the other way about', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/category');
  await page.getByRole('button', { name: 'Add a bay' }).click();
  await page
    .getByRole('region', { name: 'Library of bays' })
    .getByRole('row', { name: /^More in this category,/ })
    .click();
  const outline = page.getByRole('grid', { name: /^Bays of / });
  const below = outline.getByRole('row', { name: /^More in this category/ });
  await expect(below).toBeVisible();
  await openLine(page, 'Layout');
  await page.getByRole('radio', { name: 'List', exact: true }).click({ force: true });
  const bays = () =>
    outline
      .getByRole('row')
      .evaluateAll((rows) => rows.map((row) => row.getAttribute('aria-label') ?? row.textContent));
  const first = async () => (await bays()).findIndex((name) => /^More in this category/.test(name));
  await below.focus();
  for (let i = 0; i < 4 && (await first()) > 0; i += 1) await page.keyboard.press('Alt+ArrowUp');
  expect(await first()).toBe(0);
  await saved(page);
  await publishByHand(page);

  const shopper = await page.context().newPage();
  await shopper.setViewportSize({ width: 1280, height: 900 });
  await shopper.goto(`${store.url}/category/tableware`);
  const places = () =>
    shopper.evaluate(() =>
      [...document.querySelectorAll('.main [data-bay]')].flatMap((bay) => {
        const links = [...bay.querySelectorAll<HTMLAnchorElement>('.card .part-title a')];
        return links.length > 0 ? [new URL(links[0]!.href).pathname.split('/')[1]] : [];
      }),
    );
  expect(await places()).toEqual(['category', 'product']);
  const across = (bay: number) =>
    shopper.evaluate((at) => {
      const cards = [...document.querySelectorAll('.main [data-bay]')[at]!.querySelectorAll('.card')];
      const tops = cards.map((card) => card.getBoundingClientRect()).filter(({ width }) => width > 0);
      return tops.filter(({ top }) => top === tops[0]!.top).length;
    }, bay);
  expect(await across(0)).toBe(1);
  expect(await across(1)).toBeGreaterThan(1);
  // Products alone are narrowed; what is below the category stays.
  const count = await shopper.locator('.main [data-bay]').first().locator('.card:visible').count();
  await follow(
    shopper,
    filters(shopper, shopper.locator('[data-listing]')).getByRole('link', { name: /^In stock only, \d/ }),
  );
  await expect(shopper.locator('.main [data-bay]').first().locator('.card:visible')).toHaveCount(count);

  await page.keyboard.press('Escape');
  await below.click();
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(first).toBe(1);
  await saved(page);
  await publishByHand(page);
  await shopper.reload();
  expect(await places()).toEqual(['product', 'category']);
});
