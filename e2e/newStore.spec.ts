import { expect, type Page } from '@playwright/test';
import { beOwner, newStore } from './freshStore.ts';

const storefront = (page: Page) => page.frameLocator('iframe[title^="The home page on"]');
const steps = (page: Page) => page.getByRole('navigation', { name: 'Steps' });

newStore('a new store goes from its setup code to pages that shoppers see', async ({ page, fresh }) => {
  const { url, fill } = fresh;
  await page.goto(url);
  await expect(page.getByRole('heading', { name: 'This store is not open yet' })).toBeVisible();

  await page.goto(`${url}/studio`);
  await page.getByLabel('Setup code').fill('not the code');
  await page.getByLabel('Your name').fill('Ada');
  await page.getByLabel('Name of your store').fill('Harbour Lamps');
  await page.getByLabel('E-mail').fill('ada@harbour.example');
  await page.getByLabel('Password').fill('long enough it is');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('not the setup code');
  await beOwner(page, fresh);

  // Every page is there to be arranged, and goods that come later show by themselves.
  await fill();
  await page.goto(`${url}/studio/arrange`);
  await expect(page.getByRole('complementary', { name: 'What is missing' })).toContainText(
    'Nothing is published yet',
  );
  await expect(
    page.frameLocator('iframe[title^="The page on"]').first().locator('[data-card]').first(),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Publish \d+ changes/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Shoppers see nothing yet.');
  await expect(dialog.getByRole('listitem').filter({ hasText: 'is a new page' })).toHaveCount(18);
  await dialog.getByRole('button', { name: 'Publish now' }).click();
  await expect(page.getByRole('dialog', { name: 'Live' })).toContainText('Release 1');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('complementary', { name: 'What is missing' })).toBeHidden();

  await page.goto(url);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Harbour Lamps');
  await expect(page.locator('[data-card]').first()).toBeVisible();
  await page.goto(`${url}/category/some`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Some');
});

/** Twelve products as another shop would export them: its own names of columns, commas in prices, a tree of categories. */
const twelve = [
  'Product name;Retail price;Qty;Category',
  ...Array.from(
    { length: 12 },
    (_, i) => `Lantern no. ${i + 1};${i + 10},50;${i + 1};Lamps > ${i % 2 ? 'Outside' : 'Inside'}`,
  ),
].join('\r\n');

newStore('from nothing to a published home page of twelve imported products', async ({ page, fresh }) => {
  await beOwner(page, fresh);
  // The currency, by keyboard alone.
  const currency = page.getByRole('combobox', { name: 'Currency' });
  await currency.focus();
  await page.keyboard.type('swiss');
  await page.getByRole('option').first().waitFor();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(steps(page)).toContainText('Swiss');
  await page.getByRole('button', { name: 'Next: your goods' }).click();

  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Choose a file' }).click();
  await (await chooser).setFiles({ name: 'lanterns.csv', mimeType: 'text/csv', buffer: Buffer.from(twelve) });
  await expect(page).toHaveURL(/\/catalogue\/import$/);
  await page.getByRole('button', { name: 'Import 12 products' }).click();
  await expect(page.getByText('12 products imported.')).toBeVisible();
  // What is missing now is another thing, and leads back.
  const missing = page.getByRole('complementary', { name: 'What is missing' });
  await expect(missing).toContainText('Nothing is published yet');
  await missing.getByRole('link', { name: 'Go on setting up: 2 of 4 done' }).click();

  await expect(page.getByRole('heading', { name: 'Your home page' })).toBeVisible();
  await page.getByRole('radio', { name: /^Goods first/ }).focus();
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Use this page' }).press('Enter');
  await expect(steps(page)).toContainText('Made of 3 bays');
  await expect(storefront(page).locator('[data-card]').first()).toContainText('CHF');
  await page.getByRole('button', { name: 'Next: publish' }).click();
  const before = page.getByRole('list', { name: 'Before you open' });
  await expect(before.getByRole('listitem')).toHaveText(['12 products without a picture.']);
  await page.getByRole('button', { name: /^See and publish \d+ changes$/ }).click();
  await page.getByRole('button', { name: 'Publish now' }).click();
  await expect(page.getByRole('dialog', { name: 'Live' })).toContainText('Release 1');
  await page.keyboard.press('Escape');
  await expect(steps(page)).toContainText('4 of 4 done');

  await page.goto(fresh.url);
  await expect(page.locator('[data-bay] [data-card]').filter({ hasText: 'Lantern no.' })).toHaveCount(12);
  await page.goto(`${fresh.url}/category/lamps`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Lamps');
  // The studio opens where it is arranged from then on.
  await page.goto(`${fresh.url}/studio`);
  await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Arrange: Home');
});

newStore('samples fill a store that has nothing, and leave nothing behind', async ({ page, fresh }) => {
  await beOwner(page, fresh);
  await page.goto(`${fresh.url}/studio/set-up/goods`);
  await expect(page.getByText('Step 2: as soon as you add products')).toBeVisible();
  await page.getByRole('button', { name: 'Add 24 samples' }).click();
  await expect(storefront(page).locator('[data-card]').first()).toBeVisible();
  await expect(storefront(page).getByRole('link', { name: 'Lamps', exact: true })).toBeVisible();
  await page.getByLabel('Title').fill('Lantern');
  await page.getByLabel('Price').fill('12.5');
  await page.getByLabel('Stock').fill('3');
  await page.getByLabel('Stock').press('Tab');
  await page.getByRole('button', { name: 'Add product' }).press('Enter');
  await expect(steps(page)).toContainText('25 products, 24 of them samples');
  await expect(storefront(page).getByRole('heading', { name: 'Lantern' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove the samples' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Remove the samples' }).click();
  await expect(steps(page)).toContainText('1 product');
  await expect(storefront(page).locator('[data-card]')).toHaveCount(1);
  await expect(storefront(page).getByRole('link', { name: 'Lamps', exact: true })).toHaveCount(0);
  await page.goto(`${fresh.url}/studio/catalogue/pictures`);
  await expect(page.getByRole('link', { name: /^Pictures/ })).toHaveText('Pictures 0');
});
