import type { Page } from '@playwright/test';
import { publishByHand } from './publish.ts';
import { shifted, watchShifts } from './shifts.ts';
import { addEmptyBay, expect, frameAt, openLine, saved, signIn, test } from './store.ts';

const field = (page: Page) => page.locator('header').getByRole('combobox', { name: 'Search the shop' });
const suggestions = (page: Page) => page.locator('header').getByRole('listbox', { name: 'Suggestions' });
const titles = (page: Page) => page.locator('.main .card:visible .part-title').allTextContents();
const found = async (page: Page) => Number((await page.locator('.tool-count').textContent())!.split(' ')[0]);

test('a shopper types into the header, is suggested what matches best, and goes there by the keyboard or the mouse', async ({
  page,
  store,
}) => {
  await watchShifts(page);
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${store.url}/`);
  await expect(field(page)).toHaveAttribute('aria-expanded', 'false');
  await field(page).click();
  await page.keyboard.type('s');
  await page.waitForTimeout(300);
  await expect(suggestions(page)).toBeHidden();
  await page.keyboard.type('amphire pou');
  await expect(suggestions(page)).toBeVisible();
  await expect(field(page)).toHaveAttribute('aria-expanded', 'true');
  const first = suggestions(page).getByRole('option').first();
  await expect(first).toContainText('Samphire pouring jug');
  await expect(first).toContainText('£');
  await expect(page.locator('header [role=status]')).toHaveText(/^\d suggestions?$/);

  // Down goes through them and back to what was typed.
  await page.keyboard.press('ArrowDown');
  await expect(first).toHaveAttribute('aria-selected', 'true');
  await expect(field(page)).toHaveAttribute('aria-activedescendant', (await first.getAttribute('id'))!);
  await page.keyboard.press('ArrowUp');
  await expect(first).toHaveAttribute('aria-selected', 'false');
  await expect(field(page)).not.toHaveAttribute('aria-activedescendant');
  await page.keyboard.press('Escape');
  await expect(suggestions(page)).toBeHidden();
  await expect(field(page)).toHaveValue('samphire pou');
  await page.keyboard.press('ArrowDown');
  await expect(suggestions(page)).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/product\/samphire-pouring-jug/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Samphire pouring jug');

  // A category by its name, pressed.
  await field(page).fill('vas');
  const vases = suggestions(page).getByRole('option', { name: /^Vases/ });
  await vases.click();
  await expect(page).toHaveURL(/\/category\/vases/);
  // Enter without one of them leads to all that was found.
  await field(page).fill('oatmeal');
  await expect(suggestions(page)).toBeVisible();
  const all = await suggestions(page).getByRole('option').last().textContent();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/search\?q=oatmeal$/);
  expect(all).toBe(`Show all ${await found(page)} products`);
  expect(await shifted(page)).toBe(0);
});

test('a search with a typing error is found, narrowed, sorted and paged, and shared by its address', async ({
  page,
  browser,
  store,
}) => {
  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto(`${store.url}/search?q=tabelware`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Search: tabelware');
  const all = await found(page);
  await expect(page.locator('.main .search-said')).toHaveText(
    `Nothing matches “tabelware”. Shown instead: “tableware”, ${all} products.`,
  );
  const filters = page.getByRole('group', { name: 'Filters' });
  const fogbank = filters.getByRole('link', { name: /^Fogbank, \d/ });
  const count = Number(await fogbank.getAttribute('data-count'));
  await fogbank.click();
  await expect(page.locator('.tool-count')).toHaveText(new RegExp(`^${count} product`));
  await page.getByLabel('Sort by').selectOption('name');
  await expect(page).toHaveURL(/\/search\?glaze=fogbank&q=tabelware&sort=name#/);
  const now = await titles(page);
  expect(now).toEqual([...now].sort((a, b) => a.localeCompare(b, 'en')));

  // Another one sees the same, without script.
  const other = await browser.newContext({ javaScriptEnabled: false, viewport: { width: 390, height: 844 } });
  const plain = await other.newPage();
  await plain.goto(page.url());
  expect(await titles(plain)).toEqual(now.slice(0, (await titles(plain)).length));
  // On a phone a link leads to the field.
  await plain.goto(`${store.url}/`);
  await plain.locator('header').getByRole('link', { name: 'Search' }).click();
  await expect(plain).toHaveURL(/\/search$/);
  await plain.locator('.main').getByRole('searchbox').fill('jug');
  await plain.keyboard.press('Enter');
  await expect(plain).toHaveURL(/\/search\?q=jug$/);
  expect((await titles(plain))[0]).toMatch(/jug/);
  await other.close();
  await page.goBack();
  await expect(page.locator('.tool-count')).toHaveText(new RegExp(`^${count} product`));
});

test('a search that finds nothing shows what sells best, says so, and suggests nothing', async ({
  page,
  store,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${store.url}/search`);
  await field(page).fill('xylophone');
  await page.waitForTimeout(500);
  await expect(suggestions(page)).toBeHidden();
  await page.keyboard.press('Enter');
  await expect(page.locator('.main .search-said')).toHaveText(
    'Nothing matches “xylophone”. Shown is what sells best.',
  );
  const shown = await titles(page);
  expect(shown.length).toBeGreaterThan(3);
  await page.goto(`${store.url}/search`);
  await expect(page.locator('.main .search-said')).toHaveCount(0);
  expect(await titles(page)).toEqual(shown);
  // The server away, the field still leads to the page.
  await page.route('**/search/suggestions**', (route) => route.abort());
  await field(page).fill('jug');
  await page.waitForTimeout(400);
  await expect(suggestions(page)).toBeHidden();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/q=jug$/);
});

test('an owner arranges the page of searches, sees it with words of their own, and finds products though they are misspelt', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/search');
  const frame = await frameAt(page, 'Laptop');
  await expect(frame.getByRole('heading', { level: 1 })).toHaveText('Search: Tableware');
  await page.getByRole('button', { name: /^Seen by/ }).click();
  await page.getByLabel('The page of searches is shown with').fill('samphrie jug');
  await page.keyboard.press('Escape');
  await expect(frame.getByRole('heading', { level: 1 })).toHaveText('Search: samphrie jug');
  await expect(frame.locator('.main .card .part-title').first()).toHaveText('Samphire pouring jug');

  // The field without suggestions, narrower, for all to see once it is published.
  await page.getByRole('row', { name: /^Search field/ }).click();
  await openLine(page, 'Layout');
  await page.getByRole('switch', { name: 'Suggests while it is typed' }).focus();
  await page.keyboard.press('Space');
  await saved(page);
  await publishByHand(page);
  await page.goto(`${store.url}/search?q=jug`);
  await expect(page.locator('.main .site-search')).not.toHaveAttribute('data-suggests');

  // A product is named for the rules by a title that is misspelt, or by its code.
  await page.goto(`${store.url}/studio/arrange/product`);
  await page.getByRole('button', { name: /^Seen by/ }).click();
  const product = page.getByPlaceholder('Type another product');
  await product.fill('samphrie pouring');
  await page.getByRole('option', { name: /^Samphire pouring jug/ }).click();
  await expect(page.getByText("A product's page is shown with Samphire pouring jug")).toBeVisible();
});

test('the header of the page of searches is set together with that of collections, from either of them, and is its own again', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/search');
  const frame = await frameAt(page, 'Laptop');
  await page.getByRole('row', { name: /^Search field/ }).click();
  await addEmptyBay(page, 'Banner');
  await expect(frame.locator('.banner')).toContainText('A few words over a picture');
  await openLine(page, 'Text');
  await page.getByRole('button', { name: /Words and look$/ }).click();
  await page.getByRole('option', { name: 'As "Collection: What the page is about"', exact: true }).click();
  // It says what is looked for here, as it says there which collection it is.
  await expect(frame.locator('.banner')).toContainText('Tableware');
  const spec = page.getByRole('region', { name: 'Spec' });
  await expect(spec.getByText('What is changed here is changed there too.')).toBeVisible();
  await page.getByRole('button', { name: 'Text done' }).click();
  await expect(spec.getByText('The same as "What the page is about" on "Collection"')).toBeVisible();
  await openLine(page, 'Text');
  await page.getByRole('textbox', { name: 'Button', exact: true }).fill('To the whole shop');
  await openLine(page, 'Link');
  await page.getByLabel('Link', { exact: true }).fill('/shop');
  await expect(frame.locator('.banner')).toContainText('To the whole shop');
  await saved(page);
  await publishByHand(page);
  const shopper = await page.context().newPage();
  const said = async (path: string) => {
    await shopper.goto(`${store.url}${path}`);
    return shopper.locator('.banner').innerText();
  };
  expect(await said('/search?q=jug')).toMatch(/jug[^]*To the whole shop/);
  expect(await said('/collection/winter-kiln')).toMatch(/Winter kiln[^]*To the whole shop/);

  // From the other page, which says where else it is.
  await page.keyboard.press('Escape');
  await page.goto(`${store.url}/studio/arrange/collection`);
  await page.getByRole('row', { name: /^What the page is about/ }).click();
  await openLine(page, 'Text');
  await expect(page.getByText(/^Also for "Search/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Button', exact: true }).fill('See all');
  await saved(page);
  await publishByHand(page);
  expect(await said('/search?q=jug')).toMatch(/jug[^]*See all/);

  // Apart, it stays as it is, and the other goes its own way.
  await page.keyboard.press('Escape');
  await page.goto(`${store.url}/studio/arrange/search`);
  await page.getByRole('row', { name: /^What the page is about/ }).click();
  await openLine(page, 'Text');
  await page.getByRole('button', { name: /Words and look$/ }).click();
  await page.getByRole('option', { name: 'Its own', exact: true }).click();
  await page.getByRole('textbox', { name: 'Button', exact: true }).fill('Search again');
  await saved(page);
  await publishByHand(page);
  expect(await said('/search?q=jug')).toMatch(/jug[^]*Search again/);
  expect(await said('/collection/winter-kiln')).toMatch(/Winter kiln[^]*See all/);
});
