import { publishByHand, publishWith } from './publish.ts';
import { expect, signIn, test } from './store.ts';

const SHELF = 'new-from-the-kiln';

test('texts of the store are said in own words: in the frames, on pages, by the script, and where nothing is', async ({
  page,
  store,
}) => {
  await publishWith(store, {
    [`shelf:${SHELF}`]: { card: { parts: { basket: { shown: { phone: true } } } } },
  });
  await signIn(page, store);
  await page.getByRole('link', { name: 'House style' }).click();
  await page.getByRole('link', { name: 'Store texts' }).click();
  const find = page.getByRole('searchbox', { name: 'Find a text' });
  const write = async (name: string, words: string) => {
    await find.fill(name);
    await page.getByRole('textbox', { name, exact: true }).fill(words);
  };
  await write('Add to basket', 'Into the crate');
  await write('Added. 3 in the basket.', 'Now {count} in your crate');
  await write('There is nothing at this address', 'No such shelf here');
  const specimen = page.frameLocator('iframe[title^="Specimen on"]');
  await expect(specimen.getByRole('button', { name: /^Into the crate/ }).first()).toBeVisible();
  await write('20% off', '{number} less');
  await expect(page.getByRole('alert')).toContainText('{number} means nothing here. There is {percent}.');
  await write('20% off', '{percent} percent less');
  await expect(specimen.locator('.label-sale').first()).toHaveText(/^\d+ percent less$/);
  await publishByHand(page);

  await page.goto(store.url);
  await expect(page.locator('.label-sale').first()).toHaveText(/^\d+ percent less$/);
  const buy = page.locator(`[data-shelf="${SHELF}"]`).getByRole('button', { name: /^Into the crate/ });
  await buy.first().click();
  await expect(page.getByText('Now 1 in your crate')).toBeVisible();
  const missing = await page.goto(`${store.url}/product/there-is-none`);
  expect(missing!.status()).toBe(404);
  await expect(page.getByRole('heading', { name: 'No such shelf here' })).toBeVisible();
});

test('another language of the store writes its prices and numbers, and has texts of its own', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/house-style/texts`);
  await page.getByRole('searchbox', { name: 'Find a text' }).fill('Sold out');
  await page.getByRole('textbox', { name: 'Sold out', exact: true }).fill('All gone');
  await page.getByRole('button', { name: /Language of the store/ }).click();
  await page.getByRole('option', { name: 'German (Germany)' }).click();
  const field = page.getByRole('textbox', { name: 'Sold out', exact: true });
  await expect(field).toHaveValue('Sold out');
  await field.fill('Ausverkauft');
  await publishByHand(page);
  await page.goto(`${store.url}/shop`);
  await expect(page.locator('html')).toHaveAttribute('lang', 'de-DE');
  await expect(page.locator('.part-price').first()).toHaveText(/\d\s£/);
  // The English words are kept for when the store is in English again.
  await page.goto(`${store.url}/studio/house-style/texts`);
  await page.getByRole('button', { name: /Language of the store/ }).click();
  await page.getByRole('option', { name: 'British English' }).click();
  await page.getByRole('searchbox', { name: 'Find a text' }).fill('Sold out');
  await expect(page.getByRole('textbox', { name: 'Sold out', exact: true })).toHaveValue('All gone');
});
