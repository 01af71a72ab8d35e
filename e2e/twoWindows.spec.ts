import { expect, openLine, saved, signIn, test, type Store } from './store.ts';
import type { Page } from '@playwright/test';

const columns = (window: Page, band = 'Phone') => window.getByRole('textbox', { name: `Columns on ${band}` });

async function type(window: Page, value: number, band?: string): Promise<void> {
  await columns(window, band).fill(String(value));
  await columns(window, band).press('Enter');
}

/** Signs in, and opens the page in another window too, both at the columns. */
async function secondWindow(page: Page, store: Store, query = ''): Promise<Page> {
  await signIn(page, store);
  const other = await page.context().newPage();
  await other.goto(`${store.url}/studio/arrange/home${query}`);
  for (const window of [page, other]) await openLine(window, 'Columns');
  return other;
}

const countIn = async ({ pool }: Store): Promise<Record<string, number>> =>
  (await pool.query(`SELECT body FROM draft_document WHERE key = 'shelf:new-from-the-kiln'`)).rows[0].body
    .columns.count;

test('two windows at different widths and bays are put together by themselves, and undo takes back only one’s own', async ({
  page,
  store,
}) => {
  const other = await secondWindow(page, store);

  await type(page, 1);
  await saved(page);
  await type(other, 6, 'Laptop');
  await saved(other);
  // What the first window did is there now too, and nobody was asked.
  await expect(columns(other)).toHaveValue('1');
  await expect(other.getByRole('region', { name: 'Also changed by somebody else' })).toHaveCount(0);
  expect(await countIn(store)).toMatchObject({ phone: 1, laptop: 6 });

  await other.getByRole('button', { name: 'Undo', exact: true }).click();
  await saved(other);
  await expect(columns(other, 'Laptop')).toHaveValue('4');
  await expect(columns(other)).toHaveValue('1');
  expect((await countIn(store)).phone).toBe(1);

  // A bay moved in the one, another removed in the other.
  const bays = (window: Page) => window.getByRole('grid', { name: 'Bays of Home' }).getByRole('row');
  await bays(page)
    .filter({ hasText: /Reduced now/ })
    .click();
  await page.keyboard.press('Alt+ArrowUp');
  await saved(page);
  await bays(other)
    .filter({ hasText: /From the journal/ })
    .click();
  await other.keyboard.press('Delete');
  await saved(other);
  await expect(bays(other).nth(2)).toContainText('Reduced now');
  await expect(bays(other).filter({ hasText: /From the journal/ })).toHaveCount(0);
});

test('where two windows change the same setting both values are shown, and work goes on until one is chosen', async ({
  page,
  store,
}) => {
  const other = await secondWindow(page, store);
  await type(page, 1);
  await saved(page);
  await type(other, 3);

  const asked = (window: Page) => window.getByRole('region', { name: 'Also changed by somebody else' });
  await expect(asked(other)).toContainText('Number of columns on Phone');
  await expect(asked(other).getByRole('button', { name: 'Keep mine: 3' })).toBeVisible();
  await expect(columns(other)).toHaveValue('3');
  // Nothing is overwritten, and everything else is saved.
  await type(other, 5, 'Laptop');
  await saved(other);
  expect(await countIn(store)).toMatchObject({ phone: 1, laptop: 5 });
  await other.getByRole('button', { name: /^Publish/ }).click();
  await expect(other.getByRole('dialog')).toContainText('Choose first');
  await expect(other.getByRole('button', { name: 'Publish now' })).toBeDisabled();
  await other.getByRole('button', { name: 'Cancel' }).click();

  await asked(other).getByRole('button', { name: 'Take theirs: 1' }).click();
  await expect(asked(other)).toHaveCount(0);
  await expect(columns(other)).toHaveValue('1');
  await saved(other);

  await type(page, 4);
  await asked(page).waitFor({ state: 'hidden' });
  await saved(page);
  await type(other, 2);
  await asked(other).getByRole('button', { name: 'Keep mine: 2' }).click();
  await saved(other);
  await expect.poll(() => countIn(store)).toMatchObject({ phone: 2, laptop: 5 });
});

test('a number that is being typed is not taken away by what somebody else saved', async ({
  page,
  store,
}) => {
  const other = await secondWindow(page, store);
  await type(page, 5, 'Laptop');
  await saved(page);
  // The merge comes while the number stands in the field, not yet entered.
  let typed = () => {};
  const isTyped = new Promise<void>((resolve) => (typed = resolve));
  await other.route('**/api/draft', async (route) => {
    if (route.request().method() === 'POST') await isTyped;
    await route.continue();
  });
  await other.getByRole('button', { name: 'Columns on Phone: more' }).click();
  await columns(other, 'Laptop').focus();
  await columns(other, 'Laptop').fill('6');
  typed();
  await saved(other);
  await expect(columns(other, 'Laptop')).toHaveValue('6');
  expect(await countIn(store)).toMatchObject({ phone: 3, laptop: 5 });
  await columns(other, 'Laptop').press('Enter');
  await expect(columns(other, 'Laptop')).toHaveValue('6');
  await expect.poll(() => countIn(store)).toMatchObject({ phone: 3, laptop: 6 });
});

test('windows on different shelves do not meet', async ({ page, store }) => {
  const other = await secondWindow(page, store, '?bay=shop-by-category');
  for (const window of [page, other]) await type(window, 1);
  await saved(page);
  await saved(other);
  await expect(other.getByRole('region', { name: 'Also changed by somebody else' })).toHaveCount(0);
});
