import type { Page } from '@playwright/test';
import { expect, openLine, signIn, test, type Store } from './store.ts';

const PERSON = { name: 'Ash Fenn', email: 'ash@place.example' };

/** A product that is there without a choice and with plenty of stock, low in what its category sells best. */
async function lastOfItsCategory({ pool, url }: Store, page: Page) {
  await page.goto(`${url}/category/vases`);
  const ids = await page
    .locator('[data-shelf="listing"] [data-card]:has(form.part-basket)')
    .evaluateAll((cards) => cards.map((card) => Number((card as HTMLElement).dataset.card)));
  const id = ids.at(-1)!;
  await pool.query('UPDATE variant SET stock = NULL WHERE product_id = $1', [id]);
  return { id, category: '/category/vases' };
}

const placeIn = (page: Page, id: number) =>
  page
    .locator('[data-shelf="listing"] [data-card]')
    .evaluateAll(
      (cards, wanted) => cards.findIndex((card) => (card as HTMLElement).dataset.card === wanted),
      String(id),
    );

/** Publishes what is changed, which says so. */
async function publishes(page: Page, says: string, release: number): Promise<void> {
  await page.getByRole('button', { name: /^Publish \d+ change/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(says);
  await dialog.getByRole('button', { name: 'Publish now' }).click();
  await expect(dialog).toContainText(`Release ${release}`);
  await page.keyboard.press('Escape');
}

async function orders(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Go to checkout' }).click();
  await page.getByLabel('Your name').fill(PERSON.name);
  await page.getByLabel('Your e-mail address').fill(PERSON.email);
  await page.getByRole('button', { name: 'Place order' }).click();
  await expect(page.getByText(/^Thank you\. Your order \d+ is placed\.$/)).toBeVisible();
}

test.describe('without script', () => {
  test.use({ javaScriptEnabled: false });

  test('something is put into the basket, more of it is wanted, it is ordered, and sells best', async ({
    page,
    store,
  }) => {
    const { id, category } = await lastOfItsCategory(store, page);
    const before = await placeIn(page, id);
    expect(before).toBeGreaterThan(0);
    await page.locator(`[data-card="${id}"] form.part-basket button`).click();
    await expect(page).toHaveURL(`${store.url}/basket`);
    const line = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: /^Remove / }) });
    await expect(line).toHaveCount(1);
    await page.getByRole('spinbutton', { name: /^Quantity of / }).fill('99');
    await page.getByRole('button', { name: /^Change the quantity/ }).click();
    await expect(page.getByRole('spinbutton')).toHaveValue('99');
    await orders(page);
    await expect(async () => {
      await page.goto(store.url + category);
      expect(await placeIn(page, id)).toBe(0);
    }).toPass();
    await page.goto(`${store.url}/basket`);
    await expect(page.getByText('There is nothing in your basket.')).toBeVisible();
    // What was ordered is found again, from the foot of every page.
    await page.getByRole('link', { name: 'What you ordered' }).click();
    await page.getByRole('link', { name: /^Order \d+$/ }).click();
    await expect(page.getByText('99 ×')).toBeVisible();
  });

  test('of several the wanted one is chosen first, on its own page, and a question goes to the store', async ({
    page,
    store,
  }) => {
    await page.goto(`${store.url}/shop`);
    await page
      .getByRole('link', { name: /^Choose options: / })
      .first()
      .click();
    const choice = page.getByRole('combobox', { name: 'Choose options' });
    const [, first] = await choice.locator('option:not([disabled])').all();
    const words = await first!.textContent();
    // Nothing is chosen for a shopper.
    expect(await choice.inputValue()).toBe('');
    await choice.selectOption({ label: words! });
    await page.getByRole('button', { name: 'Add to basket' }).click();
    await expect(page.locator('.basket-lines')).toContainText(words!.split(' – ')[0]!);
    await page.locator('.basket-lines a').first().click();
    // The chosen one is marked, and is what is bought from here.
    await expect(page.locator('.options [aria-current]')).toHaveText(
      new RegExp(words!.split(' – ')[0]!.split(', ')[0]!),
    );
    await expect(choice).toHaveCount(0);

    await page.getByRole('link', { name: 'Ask about this product' }).click();
    await page.getByLabel('Your name').fill(PERSON.name);
    await page.getByLabel('Your e-mail address').fill(PERSON.email);
    await page.getByLabel('Your message').fill('Does it come with a lid?');
    await page.getByRole('button', { name: 'Send' }).click();
    await expect(page.getByText('Thank you. Your message was sent')).toBeVisible();
  });
});

test('with script it is put into the basket without leaving the page, and said', async ({ page, store }) => {
  await page.goto(`${store.url}/shop`);
  const button = page.locator('form.part-basket button').first();
  const card = page.locator('.card', { has: button }).first();
  const title = await card.locator('.part-title').innerText();
  await button.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: /^Basket/ })).toHaveText('Basket (1)');
  await expect(card.getByRole('status')).toHaveText('Added. 1 in the basket.');
  await expect(button).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: /^Basket/ })).toHaveText('Basket (2)');
  expect(new URL(page.url()).pathname).toBe('/shop');

  // Kept on another page, which is the same for everybody.
  await page.goto(store.url);
  await expect(page.getByRole('link', { name: /^Basket/ })).toHaveText('Basket (2)');
  await page.getByRole('link', { name: /^Basket/ }).click();
  await expect(page.locator('.basket-lines')).toContainText(title);

  // What cannot be reached says so, and the basket is as it was.
  await page.goto(`${store.url}/shop`);
  await page.route('**/basket', (route) => route.abort());
  await button.click();
  await expect(card.getByRole('status')).toContainText('could not be added');
  await expect(page.getByRole('link', { name: /^Basket/ })).toHaveText('Basket (2)');
  await page.unroute('**/basket');
  await page.goto(`${store.url}/basket`);
  await orders(page);
  await expect(page.getByRole('link', { name: /^Basket/ })).toHaveText('Basket');
});

test('a basket icon in a corner comes when its card is pointed at, has the keyboard, or is touched', async ({
  page,
  store,
  browser,
}) => {
  const bar = (of: Page) =>
    of.locator('[data-shelf="new-from-the-kiln"] .card:has(form.part-basket)').first();
  const seen = (of: Page) =>
    bar(of)
      .locator('.part-basket')
      .evaluate((one) => getComputedStyle(one).opacity);
  await page.goto(store.url);
  await page.mouse.move(2, 2);
  expect(await seen(page)).toBe('0');
  await bar(page).hover();
  await expect.poll(() => seen(page)).toBe('1');
  const [icon, picture] = [
    (await bar(page).locator('.part-basket').boundingBox())!,
    (await bar(page).locator('.part-picture').boundingBox())!,
  ];
  // In its corner, and large enough for a finger.
  expect(picture.x + picture.width - icon.x - icon.width).toBeLessThan(16);
  expect(picture.y + picture.height - icon.y - icon.height).toBeLessThan(16);
  expect(Math.min(icon.width, icon.height)).toBeGreaterThanOrEqual(24);
  await page.mouse.move(2, 2);
  await expect.poll(() => seen(page)).toBe('0');
  await bar(page).locator('.part-title a').focus();
  await expect.poll(() => seen(page)).toBe('1');
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('link', { name: /^Basket/ })).toHaveText('Basket (1)');

  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const touched = await phone.newPage();
  await touched.goto(store.url);
  expect(await seen(touched)).toBe('1');
  await bar(touched).locator('button').tap();
  await expect(touched.getByRole('link', { name: /^Basket/ })).toHaveText('Basket (1)');
  expect(new URL(touched.url()).pathname).toBe('/');
  await phone.close();
});

test('buying is turned off for the whole store, asked for instead, and read in the outbox', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.getByRole('button', { name: 'Page settings' }).click();
  // First a part of it alone.
  await page.getByRole('combobox', { name: 'Add a category or collection' }).fill('vases');
  await page.getByRole('option', { name: /^Vases/ }).click();
  await page.getByRole('button', { name: /How its products are sold$/ }).click();
  await page.getByRole('option', { name: 'By asking for a quote' }).click();
  await publishes(page, 'Vases sold by asking for a quote', 2);
  const shopper = await page.context().browser()!.newPage();
  const does = async (path: string) => {
    await shopper.goto(store.url + path);
    const cards = shopper.locator('[data-shelf="listing"] [data-card]');
    expect(await cards.count()).toBeGreaterThan(0);
    return {
      buys: await cards.locator('form.part-basket').count(),
      asks: await cards.getByRole('link', { name: /^Ask for a quote: / }).count(),
    };
  };
  expect(await does('/category/tall-vases')).toMatchObject({ buys: 0 });
  expect((await does('/category/bowls')).asks).toBe(0);
  await page.getByRole('button', { name: 'As all others' }).click();

  await page.getByRole('button', { name: /How the store sells$/ }).click();
  await page.getByRole('option', { name: 'By asking for a quote' }).click();
  await page.getByText('Prices shown', { exact: true }).click();
  await publishes(page, 'How the store sells now by asking for a quote', 3);
  await shopper.goto(`${store.url}/shop`);
  await expect(shopper.getByRole('link', { name: /^Basket/ })).toHaveCount(0);
  await expect(shopper.locator('.part-price')).toHaveCount(0);
  await shopper
    .getByRole('link', { name: /^Ask for a quote: / })
    .first()
    .click();
  await shopper.getByLabel('Your name').fill(PERSON.name);
  await shopper.getByLabel('Your e-mail address').fill(PERSON.email);
  await shopper.getByLabel('Your message').fill('How much for <b>forty</b> of them?');
  await shopper.getByRole('button', { name: 'Send' }).click();
  await expect(shopper.getByText('Thank you. Your message was sent')).toBeVisible();
  await shopper.close();

  await page.getByRole('button', { name: /^Account of / }).click();
  await page.getByRole('menuitem', { name: 'Outbox' }).click();
  await expect(page.getByText('1 message not read yet.')).toBeVisible();
  await page.getByRole('row', { name: /^Quote for / }).click();
  const letter = page.getByRole('article', { name: 'Message' });
  await expect(letter).toContainText('How much for <b>forty</b> of them?');
  await expect(letter).toContainText(PERSON.email);
  await expect(page.getByText('All are read.')).toBeVisible();
  await letter.getByRole('button', { name: 'Mark as not read' }).click();
  await expect(page.getByText('1 message not read yet.')).toBeVisible();
  await letter.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('row', { name: /^Quote for / })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/^No mail yet\./)).toBeVisible();
});

test('own words, icon and quantity of the button are set by its part, and hold in public', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Card');
  const parts = page.getByRole('grid', { name: 'Parts of the card' });
  await parts.getByText('Basket button', { exact: true }).click();
  await page
    .getByRole('radiogroup', { name: 'Basket button: what it shows' })
    .getByText('Icon and words')
    .click();
  await page.getByRole('textbox', { name: 'Basket button: own text' }).fill('Take it home');
  await page.getByRole('combobox', { name: 'Add a part' }).fill('quantity');
  await page.getByRole('option', { name: /^Quantity/ }).click();
  await page.getByRole('button', { name: /^Publish \d+ change/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Publish now' }).click();
  await expect(page.getByRole('dialog')).toContainText('Release 2');
  await page.goto(store.url);
  const card = page.locator('[data-shelf="new-from-the-kiln"] .card:has(form.part-basket)').first();
  await card.hover();
  await expect(card.getByRole('button', { name: /^Take it home: / })).toContainText('Take it home');
  await card.getByRole('spinbutton', { name: /^Quantity of / }).fill('3');
  await card.getByRole('button', { name: /^Take it home: / }).click();
  await expect(page.getByRole('link', { name: /^Basket/ })).toHaveText('Basket (3)');
});
