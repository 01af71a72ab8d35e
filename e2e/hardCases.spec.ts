import { expect, openLine, saved, signIn, test } from './store.ts';

test('the wall shows the hardest items: a clipped title is found and mended, by mouse and by keys', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page
    .getByRole('grid', { name: 'Bays of Home' })
    .getByRole('row', { name: 'New from the kiln' })
    .click();
  await openLine(page, 'Card');
  await page.getByText('Hard cases', { exact: true }).click();
  const wall = page.getByRole('region', { name: 'Hard cases' });
  await expect(wall.getByRole('status')).toContainText('Card 166 px wide');
  await expect(wall.getByRole('status')).toContainText('hardest of 240');

  // What fails is among them, as a shopper sees it: cut after two lines.
  const atRest = page.frameLocator('iframe[title="At rest on Phone"]');
  const title = atRest.locator('.card .part-title', { hasText: 'Amber feast platter' });
  const cutPx = () => title.evaluate((one) => one.scrollHeight - one.clientHeight);
  await expect.poll(cutPx).toBeGreaterThan(20);
  const cases = wall.getByRole('group', { name: 'Cases' });
  await expect(cases.getByRole('button', { name: 'Longest title' })).toHaveAttribute('aria-pressed', 'true');

  // What is there only on hover is seen in the row that is as if pointed at, and with focus.
  const icon = (row: string) =>
    page.frameLocator(`iframe[title="${row} on Phone"]`).locator('.card .part-basket').first();
  const opacity = (row: string) => icon(row).evaluate((one) => getComputedStyle(one).opacity);
  expect(await opacity('At rest')).toBe('0');
  expect(await opacity('On hover')).toBe('1');
  expect(await opacity('With focus')).toBe('1');

  const faults = wall.getByRole('list', { name: /^Faults of Amber feast platter/ });
  await expect(faults).toContainText('Title clipped: it needs 4 lines');
  await faults.getByRole('button', { name: 'Allow 4 lines' }).click();
  await expect(faults).toBeHidden();
  // Descenders of the last line may reach a pixel below it.
  await expect.poll(cutPx).toBeLessThan(3);
  await saved(page);
  const { rows } = await store.pool.query(
    `SELECT body->'card'->'parts'->'title'->>'lines' AS lines FROM draft_document WHERE key = 'shelf:new-from-the-kiln'`,
  );
  expect(rows[0].lines).toBe('4');

  // A case more by keys, and another width: the card as wide as it is there.
  const shortest = cases.getByRole('button', { name: 'Shortest title' });
  await shortest.focus();
  await page.keyboard.press('Space');
  await expect(shortest).toHaveAttribute('aria-pressed', 'true');
  await expect(atRest.locator('.card', { hasText: 'Side' }).first()).toBeAttached();
  await wall.getByText('Laptop', { exact: true }).click();
  await expect(wall.getByRole('status')).toContainText('Card 261 px wide');
  const card = page.frameLocator('iframe[title="At rest on Laptop"]').locator('.card').first();
  expect(await card.evaluate((one) => one.getBoundingClientRect().width)).toBeCloseTo(261, 0);

  // A part that is pressed is opened in the list of parts.
  const price = (await card.locator('.part-price').boundingBox())!;
  await page.mouse.click(price.x + 4, price.y + price.height / 2);
  await expect(page.getByRole('region', { name: 'Settings of the part Price' })).toBeVisible();
  // Done with the card in one press: the whole list again, with the keyboard where it was opened.
  await page.getByRole('button', { name: 'Card done' }).click();
  await expect(page.getByRole('region', { name: 'Wall' })).toBeVisible();
  const line = page.getByRole('region', { name: 'Spec' }).getByRole('button', { name: 'Card', exact: true });
  await expect(line).toBeFocused();
  await expect(line).toHaveAttribute('aria-expanded', 'false');
});
