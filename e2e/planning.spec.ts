import { publishByHand } from './publish.ts';
import { expect, frameAt, saved, signIn, test } from './store.ts';

test('the home page says what sells most and is not on it, and which collections are shown nowhere; one press mends each', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const planning = page.getByRole('list', { name: 'What this page leaves out' });
  const lines = planning.getByRole('listitem');
  await expect(lines.filter({ hasText: 'Sells most' })).toBeVisible();
  await expect(lines.filter({ hasText: 'Shown nowhere' })).toBeVisible();

  // The first of those that it names comes with what is added.
  const said = (await lines.filter({ hasText: 'Sells most' }).textContent())!;
  const first = /not on this page: (.+?)(?:,| and |\.)/.exec(said)![1]!;
  await page.getByRole('button', { name: 'Add bestselling' }).press('Enter');
  const bays = page.getByRole('grid', { name: 'Bays of Home' });
  await expect(bays.getByRole('row', { name: /^Bestselling/ })).toBeVisible();
  await expect(lines.filter({ hasText: 'Sells most' })).toHaveCount(0);
  const wide = await frameAt(page, 'Wide');
  const added = wide.locator('[data-bay^=best]');
  await expect(added.getByText(first, { exact: true }).first()).toBeVisible();

  await page.getByRole('button', { name: /^Add (these|this) collection/ }).click();
  await expect(planning).toHaveCount(0);
  await expect(bays.getByRole('row', { name: /^Collections/ })).toBeVisible();
  await saved(page);
  await publishByHand(page);
  await page.goto(store.url);
  await expect(page.getByRole('heading', { name: 'Bestselling' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Collections' })).toBeVisible();

  // Every other page goes without.
  await signIn(page, store, '/studio/arrange/shop');
  await expect(page.getByRole('button', { name: 'Page settings' })).toBeVisible();
  await expect(planning).toHaveCount(0);
});

test('a bay is dragged by its heading in a near frame, which says where it comes to, and Escape lets it go', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const bays = page.getByRole('grid', { name: 'Bays of Home' });
  const order = async () =>
    (await bays.getByRole('row').allTextContents()).map((text) => text.replace(/^Move|\d+$/g, ''));
  const before = await order();
  const wide = await frameAt(page, 'Wide');
  await wide.locator('[data-bay=reduced-now] .bay-heading').click();
  await expect(page.getByRole('button', { name: 'All widths' })).toBeVisible();
  const heading = wide.locator('[data-bay=reduced-now] .bay-heading');
  await heading.scrollIntoViewIfNeeded();
  const above = wide.locator('[data-bay=new-from-the-kiln] .bay-heading');
  const drag = async () => {
    const [from, to] = [(await heading.boundingBox())!, (await above.boundingBox())!];
    await page.mouse.move(from.x + 20, from.y + 10);
    await page.mouse.down();
    await page.mouse.move(from.x + 30, from.y - 20, { steps: 4 });
    await page.mouse.move(to.x + 30, to.y + 4, { steps: 8 });
    await expect(wide.locator('.drop-words')).toHaveText(/^Between .* and New from the kiln$/);
  };
  await drag();
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await expect(wide.locator('.drop-words')).toHaveCount(0);
  expect(await order()).toEqual(before);
  await drag();
  await page.mouse.up();
  const at = before.findIndex((name) => name.startsWith('New from the kiln'));
  await expect.poll(async () => (await order())[at]).toMatch(/^Reduced now/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(order).toEqual(before);
});
