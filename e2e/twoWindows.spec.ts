import { expect, openLine, saved, signIn, test } from './store.ts';

test('a second window never overwrites silently: both are shown, and one is chosen', async ({
  page,
  context,
  store,
}) => {
  await signIn(page, store);
  const other = await context.newPage();
  await other.goto(`${store.url}/studio/arrange/home`);
  const across = (window: typeof page) => window.getByRole('textbox', { name: 'Columns on Phone' });
  await openLine(page, 'Columns');
  await openLine(other, 'Columns');

  await across(page).fill('1');
  await across(page).press('Enter');
  await saved(page);
  await across(other).fill('3');
  await across(other).press('Enter');

  const dialog = other.getByRole('dialog', { name: 'Changed in another window' });
  await expect(dialog).toContainText(/number of columns now 3 (on|from) Phone, was 2/);
  await expect(dialog).toContainText(/number of columns now 1 (on|from) Phone, was 2/);
  await dialog.getByRole('button', { name: 'Take theirs' }).click();
  await expect(across(other)).toHaveValue('1');
  await saved(other);

  await across(other).fill('4');
  await across(other).press('Enter');
  await saved(other);
  await across(page).fill('5');
  await across(page).press('Enter');
  await page.getByRole('button', { name: 'Keep mine' }).click();
  await saved(page);
  const { rows } = await store.pool.query(
    `SELECT body FROM draft_document WHERE key = 'shelf:new-from-the-kiln'`,
  );
  expect(rows[0].body.columns.count.phone).toBe(5);
});

test('windows on different shelves do not meet', async ({ page, context, store }) => {
  await signIn(page, store);
  const other = await context.newPage();
  await other.goto(`${store.url}/studio/arrange/home?bay=shop-by-category`);
  await openLine(page, 'Columns');
  await openLine(other, 'Columns');
  for (const window of [page, other]) {
    await window.getByRole('textbox', { name: 'Columns on Phone' }).fill('1');
    await window.getByRole('textbox', { name: 'Columns on Phone' }).press('Enter');
  }
  await saved(page);
  await saved(other);
  await expect(other.getByRole('dialog')).toHaveCount(0);
});
