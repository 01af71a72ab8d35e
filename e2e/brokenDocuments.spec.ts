import { allIssues, expect, openLine, saved, signIn, test } from './store.ts';

const row = `SELECT body FROM draft_document WHERE key = 'shelf:new-from-the-kiln'`;

test('a document that cannot be read is told of, can be seen and reset, and nothing is published before', async ({
  page,
  store,
}) => {
  await store.pool.query(
    `UPDATE draft_document SET body = jsonb_set(body, '{columns}', '"seven"') WHERE key = 'shelf:new-from-the-kiln'`,
  );
  await page.goto(`${store.url}/studio/arrange/home?bay=shop-by-category`);
  await page.getByLabel('E-mail').fill('owner@kelverstone.example');
  await page.getByLabel('Password').fill('kiln-and-clay');
  await page.getByRole('button', { name: 'Sign in' }).click();
  const told = page.getByRole('region', { name: 'Part of the draft cannot be read' });
  await expect(told).toContainText(
    'Shelf "New from the kiln": Columns and what goes with it: This has to be a group of values.',
  );
  await expect(page.getByRole('grid', { name: 'Bays of Home' }).getByRole('row').first()).toBeVisible();

  // It is missing without being gone: nothing offers to take away what shows it.
  let issues = await allIssues(page);
  await expect(issues).toContainText('shows a shelf that cannot be read; reset it first');
  await expect(issues.getByRole('button', { name: 'Remove the bay' })).toHaveCount(0);
  await page.keyboard.press('Escape');

  // Everything else can be worked on and is saved; the broken one stays as it is.
  await openLine(page, 'Columns');
  await page.getByRole('button', { name: 'Items: more' }).click();
  await saved(page);
  expect((await store.pool.query(row)).rows[0].body.columns).toBe('seven');
  await page.getByRole('button', { name: /^Publish/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Part of the draft cannot be read. Reset it first.');
  await expect(page.getByRole('button', { name: 'Publish now' })).toBeDisabled();
  await page.getByRole('button', { name: 'Cancel' }).click();

  await told.getByRole('button', { name: 'Open' }).click();
  await expect(page.getByLabel('What is stored')).toContainText('"columns": "seven"');
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Download' }).click();
  expect((await downloading).suggestedFilename()).toBe('shelf-new-from-the-kiln.json');
  await page.getByRole('dialog').getByRole('button', { name: 'Reset', exact: true }).click();
  await expect(told).toHaveCount(0);
  issues = await allIssues(page);
  await expect(issues).not.toContainText('cannot be read');
  await page.keyboard.press('Escape');
  await saved(page);
  // What is live has taken its place.
  await expect(
    page
      .frameLocator('iframe[title^="The page on"]')
      .first()
      .locator('[data-shelf="new-from-the-kiln"] [data-card]')
      .first(),
  ).toBeVisible();
  const live = await store.pool.query(`SELECT plan FROM release ORDER BY number DESC LIMIT 1`);
  const { format: _, ...reset } = (await store.pool.query(row)).rows[0].body;
  expect(reset).toEqual(live.rows[0].plan.shelves['new-from-the-kiln']);
});

test('a window that is left open while Wide Shelf is updated keeps its work, and says to load again', async ({
  page,
  context,
  store,
}) => {
  await signIn(page, store);
  await openLine(page, 'Columns');
  // The newer server: it writes a format that this window does not know.
  await context.route('**/api/draft', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    const response = await route.fetch();
    return route.fulfill({ response, json: { ...(await response.json()), format: 99 } });
  });
  const more = page.getByRole('button', { name: 'Items: more' });
  await more.click();
  const told = page.getByRole('region', { name: 'Wide Shelf was updated' });
  await expect(told).toContainText('Your changes are kept in this browser');
  await more.click();
  await context.unroute('**/api/draft');
  await told.getByRole('button', { name: 'Load again' }).click();
  await openLine(page, 'Columns');
  await expect(page.getByRole('textbox', { name: 'Items' })).toHaveValue('12');
  await expect(told).toHaveCount(0);
  await saved(page);
  await expect.poll(async () => (await store.pool.query(row)).rows[0].body.amount.items.phone).toBe(12);
});

test('a fault in drawing takes only that part along', async ({ page, store }) => {
  await signIn(page, store);
  // Products as no version of the server gives them: frames cannot be drawn from these.
  await page.route('**/api/items', async (route) => {
    const response = await route.fetch();
    const answer = (await response.json()) as { items: { product?: object }[] };
    const items = answer.items.map((item) =>
      item.product ? { ...item, product: { ...item.product, title: { broken: true } } } : item,
    );
    return route.fulfill({ response, json: { ...answer, items } });
  });
  await page.reload();
  const alerts = page.getByRole('alert').filter({ hasText: 'could not be shown' });
  await expect(alerts.first()).toBeVisible();
  await expect(alerts.first()).toContainText('Your work is kept');
  // The rest of the studio is there.
  await page.getByRole('link', { name: 'Assortments' }).click();
  await expect(page.getByRole('navigation', { name: 'Assortments' })).toBeVisible();
  await expect(alerts).toHaveCount(0);
  await page.getByRole('link', { name: 'Arrange' }).click();
  await expect(alerts.first()).toBeVisible();
  // Those that are on their way are answered first.
  await page.unrouteAll({ behavior: 'wait' });
  await alerts.first().getByRole('button', { name: 'Load the page again' }).click();
  await expect(
    page.frameLocator('iframe[title^="The page on"]').first().locator('[data-card]').first(),
  ).toBeVisible();
  await expect(alerts).toHaveCount(0);
});
