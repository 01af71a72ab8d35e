import type { Page } from '@playwright/test';
import { publishWith } from './publish.ts';
import { expect, test, type Store } from './store.ts';

const SHELF = 'new-from-the-kiln';

/** A quick view on cards with a basket button beside it. */
const withQuickView = (store: Store) =>
  publishWith(store, {
    [`shelf:${SHELF}`]: {
      card: {
        parts: { basket: { shown: { phone: true } }, quick: { shown: { phone: true }, shows: 'icon' } },
      },
    },
  });

/** The card of a product of which one of several glazes has to be chosen. */
const card = (page: Page) =>
  page
    .locator(`[data-shelf="${SHELF}"] .card`)
    .filter({ has: page.locator('.part-basket .leads') })
    .filter({ has: page.locator('.part-quick') })
    .first();

test('a product is seen in short, chosen and put into the basket by keyboard, and Escape leads back', async ({
  page,
  store,
}) => {
  const errors: string[] = [];
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  await withQuickView(store);
  await page.goto(store.url);
  const opener = card(page).getByRole('link', { name: /^Quick view: / });
  const title = (await card(page).locator('.part-title').textContent())!;
  await opener.focus();
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: title });
  await expect(dialog.getByRole('heading', { name: title })).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Close' })).toBeFocused();
  // As the page "Quick view" is arranged: one picture, no long text.
  await expect(dialog.locator('.gallery img')).toHaveCount(1);
  await expect(dialog.locator('.long')).toHaveCount(0);

  // On a phone the button that closes it takes no room from the picture beside it.
  await page.setViewportSize({ width: 390, height: 800 });
  const { picturePx, roomPx, shut } = await dialog.evaluate((one) => {
    const box = (selector: string) => one.querySelector(selector)!.getBoundingClientRect();
    const { paddingLeft, paddingRight, paddingTop } = getComputedStyle(one);
    const [outer, button] = [one.getBoundingClientRect(), box('.shut')];
    return {
      picturePx: box('.gallery img').width,
      roomPx: one.clientWidth - parseFloat(paddingLeft) - parseFloat(paddingRight),
      shut: { downPx: button.top - outer.top, inPaddingPx: parseFloat(paddingTop) },
    };
  });
  expect(picturePx).toBeCloseTo(roomPx, 0);
  expect(shut.downPx).toBeLessThan(shut.inPaddingPx);
  await page.setViewportSize({ width: 1280, height: 800 });

  // A glaze is chosen in the window; the keyboard stays on it.
  const glaze = dialog.locator('.options a:not(.off)').last();
  const name = await glaze.getAttribute('aria-label');
  await glaze.focus();
  await page.keyboard.press('Enter');
  const chosen = dialog.locator('.options [aria-current=true]').first();
  await expect(chosen).toHaveAccessibleName(name!);
  await expect(chosen).toBeFocused();
  for (const label of await dialog.locator('.options section').all())
    if ((await label.locator('[aria-current]').count()) === 0)
      await label.locator('a:not(.off)').first().click();
  await dialog.getByRole('button', { name: 'Add to basket' }).focus();
  await page.keyboard.press('Enter');
  await expect(dialog.getByRole('status')).toHaveText('Added. 1 in the basket.');
  await expect(page.getByRole('link', { name: /^Basket/, includeHidden: true })).toContainText('(1)');

  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  await expect(opener).toBeFocused();
  expect(new URL(page.url()).pathname).toBe('/');

  // Beside the window it is closed too; what is gone meanwhile leads to its own page.
  await opener.click();
  await expect(dialog.getByRole('heading', { name: title })).toBeVisible();
  await page.mouse.click(5, 5);
  await expect(dialog).toBeHidden();
  await page.route('**/quick/**', (route) => route.abort());
  await opener.click();
  await expect(page).toHaveURL(/\/product\//);
  expect(errors.filter((text) => !/ERR_FAILED/.test(text))).toEqual([]);
});

test.describe('without script', () => {
  test.use({ javaScriptEnabled: false });

  test('quick view leads to the product, and its own page says where the product is', async ({
    page,
    store,
  }) => {
    await withQuickView(store);
    await page.goto(store.url);
    const opener = card(page).getByRole('link', { name: /^Quick view: / });
    const quick = (await opener.getAttribute('data-quick'))!;
    await opener.click();
    await expect(page).toHaveURL(new RegExp(`${quick.replace('/quick', '/product')}$`));

    await page.goto(`${store.url}${quick}`);
    const canonical = await page.locator('link[rel=canonical]').getAttribute('href');
    expect(new URL(canonical!).pathname).toBe(quick.replace('/quick', '/product'));
    await page.locator('.options a').first().click();
    await expect(page).toHaveURL(new RegExp(`${quick}\\?variant=\\d+$`));
    await page.getByRole('link', { name: 'See all details' }).click();
    await expect(page).toHaveURL(/\/product\//);
    const gone = await page.request.get(`${store.url}/quick/there-is-none`);
    expect(gone.status()).toBe(404);
  });
});
