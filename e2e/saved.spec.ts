import type { Page } from '@playwright/test';
import { publishWith } from './publish.ts';
import { expect, frameAt, signIn, test, type Store } from './store.ts';

const SHELF = 'new-from-the-kiln';

/** A bookmark at the picture's corner. */
const withSave = (store: Store) =>
  publishWith(store, {
    [`shelf:${SHELF}`]: {
      card: { parts: { save: { shown: { phone: true }, zone: { phone: 'upperEnd' } } } },
    },
  });

const cards = (page: Page) => page.locator(`[data-shelf="${SHELF}"] .card`);
const titleOf = async (page: Page, at: number) =>
  (await cards(page).nth(at).locator('.part-title').textContent())!;
const link = (page: Page) => page.getByRole('banner').getByRole('link', { name: /^Saved/ });

test('products are kept for later by mouse and by keyboard, found again, and let go', async ({
  page,
  store,
}) => {
  await withSave(store);
  await page.goto(store.url);
  await expect(link(page)).toHaveText('Saved ');
  const [first, second] = [await titleOf(page, 0), await titleOf(page, 1)];
  const button = cards(page).nth(0).locator('[data-save]');
  await expect(button).toHaveAccessibleName(`Save for later: ${first}`);
  await button.click();
  await expect(button).toHaveAttribute('aria-pressed', 'true');
  await expect(button).toHaveAccessibleName(`Saved: ${first}`);
  await expect(page.locator('.saved-said')).toHaveText('Saved for later.');
  await expect(link(page)).toHaveText('Saved (1)');
  const other = cards(page).nth(1).locator('[data-save]');
  await other.focus();
  await page.keyboard.press('Enter');
  await expect(link(page)).toHaveText('Saved (2)');
  await expect(other).toBeFocused();

  // On every page of the store, and after it was loaded again.
  await page.reload();
  await expect(button).toHaveAttribute('aria-pressed', 'true');
  await link(page).click();
  const saved = page.locator('[data-shelf="saved-products"] .card');
  await expect(saved.locator('.part-title')).toHaveText([second, first]);
  await saved.nth(0).locator('[data-save]').click();
  await expect(link(page)).toHaveText('Saved (1)');
  await page.reload();
  await expect(saved.locator('.part-title')).toHaveText([first]);
  await saved.locator('[data-save]').click();
  await page.reload();
  await expect(page.getByText('You have not saved anything yet.')).toBeVisible();
});

test.describe('without script', () => {
  test.use({ javaScriptEnabled: false });
  test('products are kept for later and let go', async ({ page, store }) => {
    await withSave(store);
    await page.goto(store.url);
    const title = await titleOf(page, 0);
    await cards(page)
      .nth(0)
      .getByRole('button', { name: /^Save for later/ })
      .click();
    await expect(page).toHaveURL(/\/saved$/);
    await page.getByRole('button', { name: `Saved: ${title}` }).click();
    await expect(page.getByText('You have not saved anything yet.')).toBeVisible();
  });
});

test('the page of saved products is arranged like any other, shown with some products', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/arrange/saved`);
  const wide = await frameAt(page, 'Wide');
  await expect(wide.locator('[data-shelf="saved-products"] .card')).toHaveCount(6);
});
