import { allIssues, expect, openLine, saved, signIn, test } from './store.ts';

test('what would change is read as sentences; one is taken back, the rest is published', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Columns');
  await page.getByRole('button', { name: 'Columns on Laptop: fewer' }).click();
  await openLine(page, 'Card');
  await page.getByText('Shadow', { exact: true }).click();
  await expect(page.getByRole('radio', { name: 'Shadow' })).toBeChecked();
  await openLine(page, 'Look');
  await page.getByLabel('Heading', { exact: true }).fill('Out of the kiln');
  await saved(page);

  await page.getByRole('button', { name: 'Publish 3 changes' }).click();
  const dialog = page.getByRole('dialog');
  const changes = dialog.getByRole('listitem');
  await expect(changes).toHaveCount(3);
  await expect(dialog).toContainText('Card frame now shadow, was none');
  await expect(dialog).toContainText('"Out of the kiln"');
  await dialog.getByRole('button', { name: /^Revert: .*card frame now shadow/ }).click();
  await expect(changes).toHaveCount(2);
  const frame = page.frameLocator('iframe[title^="The page on"]').first();
  const shadow = () =>
    frame
      .locator('[data-shelf="new-from-the-kiln"] .card')
      .first()
      .evaluate((card) => getComputedStyle(card).boxShadow);
  await expect.poll(shadow).toBe('none');
  await dialog.getByRole('button', { name: 'Publish now' }).click();
  await expect(dialog).toContainText('Release 2 is what shoppers see now');
  // The keyboard has somewhere to be: on the button that goes on, then in the place itself.
  await expect(dialog.getByRole('button', { name: 'Keep editing' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Nothing to publish' })).toBeDisabled();
  await expect(page.getByRole('main')).toBeFocused();

  // Taking everything back leaves nothing to publish, and says so.
  await openLine(page, 'Columns');
  await page.getByRole('button', { name: 'Columns on Phone: more' }).click();
  await page.getByRole('button', { name: 'Publish 1 change' }).click();
  await dialog.getByRole('button', { name: /^Revert/ }).click();
  await expect(dialog).toContainText('The draft is the same as what is live.');
  await expect(dialog.getByRole('button', { name: 'Publish now' })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Cancel' }).click();

  await page.goto(store.url);
  await expect(page.getByRole('heading', { name: 'Out of the kiln' })).toBeVisible();
  expect(
    await page
      .locator('[data-shelf="new-from-the-kiln"] .card')
      .first()
      .evaluate((card) => getComputedStyle(card).boxShadow),
  ).toBe('none');
});

test('a finding is gone to, mended by one press, and comes back when that is undone', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const findings = (await allIssues(page)).getByRole('listitem');
  const short = findings.filter({ hasText: /^Last row short/ });
  await expect(short).toHaveCount(1);
  const count = await findings.count();
  await short.getByRole('button', { name: /^Show 12/ }).click();
  await expect(short).toHaveCount(0);
  await expect(findings).toHaveCount(count - 1);
  await expect(
    page
      .frameLocator('iframe[title^="The page on"]')
      .first()
      .locator('[data-shelf="new-from-the-kiln"] .card:visible'),
  ).toHaveCount(12);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await allIssues(page);
  await expect(short).toHaveCount(1);

  const table = findings.filter({ hasText: 'Shop by category' }).first();
  await table.getByRole('button').first().click();
  await expect(page.getByRole('region', { name: 'Spec' }).getByRole('heading', { level: 2 })).toHaveText(
    'Shop by category',
  );
  await expect(
    page.getByRole('region', { name: 'Spec' }).getByRole('button', { name: 'Columns', exact: true }),
  ).toHaveAttribute('aria-expanded', 'true');
});
