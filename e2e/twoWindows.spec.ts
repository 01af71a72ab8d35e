import { expect, openLine, saved, signIn, test } from './store.ts';

test('a second window never overwrites silently: both are shown, and one is chosen', async ({
  page,
  context,
  store,
}) => {
  await signIn(page, store);
  const other = await context.newPage();
  await other.goto(`${store.url}/studio/arrange/home`);
  const across = (window: typeof page) => window.getByRole('textbox', { name: 'Across on Phone' });
  await openLine(page, 'Across');
  await openLine(other, 'Across');

  await across(page).fill('1');
  await across(page).press('Enter');
  await saved(page);
  await across(other).fill('3');
  await across(other).press('Enter');

  const dialog = other.getByRole('dialog', { name: 'Changed in another window' });
  await expect(dialog).toContainText('now 3 across on Phone, was 2 across');
  await expect(dialog).toContainText('now 1 across on Phone, was 2 across');
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
  expect(rows[0].body.across.count.phone).toBe(5);
});

test('windows on different shelves do not meet', async ({ page, context, store }) => {
  await signIn(page, store);
  const other = await context.newPage();
  await other.goto(`${store.url}/studio/arrange/home?bay=by-the-table`);
  await openLine(page, 'Across');
  await openLine(other, 'Across');
  for (const window of [page, other]) {
    await window.getByRole('textbox', { name: 'Across on Phone' }).fill('1');
    await window.getByRole('textbox', { name: 'Across on Phone' }).press('Enter');
  }
  await saved(page);
  await saved(other);
  await expect(other.getByRole('dialog')).toHaveCount(0);
});
