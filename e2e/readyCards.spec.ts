import type { Locator, Page } from '@playwright/test';
import { publishByHand } from './publish.ts';
import { expect, frameAt, openLine, saved, signIn, test, type Store } from './store.ts';

const SHELF = 'new-from-the-kiln';

const storedCard = async ({ pool }: Store) =>
  (await pool.query(`SELECT body->'card' AS card FROM draft_document WHERE key = 'shelf:${SHELF}'`)).rows[0]
    .card;

const parts = (page: Page) => page.getByRole('grid', { name: 'Parts of the card' });
const names = (page: Page) => parts(page).locator('.name').allTextContents();

async function toCard(page: Page, store: Store) {
  await signIn(page, store);
  await page
    .getByRole('grid', { name: 'Bays of Home' })
    .getByRole('row', { name: 'New from the kiln' })
    .click();
  await openLine(page, 'Card');
}

test('a card is built from a ready-made one by mouse: chosen by its drawing, a part added, moved and set', async ({
  page,
  store,
}) => {
  await toCard(page, store);
  const laptop = await frameAt(page, 'Laptop');
  const first = await laptop.locator(`[data-shelf="${SHELF}"] .part-title`).allTextContents();
  await page.getByRole('button', { name: 'Ready-made cards' }).click();
  const dialog = page.getByRole('dialog', { name: 'Ready-made cards' });
  await expect(dialog.getByRole('listitem')).toHaveCount(9);
  // A true card of an item of this very shelf.
  const drawing = dialog.frameLocator('iframe[title="Title and price on one line"]');
  const title = drawing.locator('.part-title');
  await expect(title).toBeVisible();
  expect(first).toContain(await title.textContent());
  const box = (await drawing.locator('.card').boundingBox())!;
  await page.mouse.click(box.x + box.width / 2, box.y + 40);
  await expect(dialog).toBeHidden();
  expect(await names(page)).toEqual(['Picture', 'Title', 'Price', 'Rating']);
  const card = laptop.locator(`[data-shelf="${SHELF}"] .card`).first();
  const tops = async (...of: string[]) =>
    Promise.all(of.map(async (part) => Math.round((await card.locator(`.part-${part}`).boundingBox())!.y)));
  await expect(card.locator('.row > .part-price')).toBeVisible();

  await page.getByRole('combobox', { name: 'Add a part' }).fill('brand');
  await page.getByRole('option', { name: /^Brand/ }).click();
  await page
    .getByRole('region', { name: 'Settings of the part Brand' })
    .getByRole('textbox', { name: 'Brand: text before it' })
    .fill('by');
  await expect(card.locator('.part-brand')).toHaveText(/^by /);
  const [brandAt, titleAt] = await tops('brand', 'title');
  expect(brandAt).toBeGreaterThan(titleAt!);
  await saved(page);
  expect((await storedCard(store)).parts.brand.before).toBe('by');

  // One step back each: the words, the part, the ready-made card.
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(() => names(page)).toEqual(['Picture', 'Title', 'Price', 'Basket button']);
});

test('a card is built from a ready-made one by keyboard alone, and published', async ({ page, store }) => {
  await toCard(page, store);
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
  };
  await page.getByRole('button', { name: 'Ready-made cards' }).focus();
  await press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Ready-made cards' });
  await expect(dialog).toBeVisible();
  const wanted = dialog.getByRole('button', { name: 'Basket bar on hover' });
  await expect(wanted).toBeVisible();
  for (let i = 0; i < 12 && !(await wanted.evaluate((one) => one === document.activeElement)); i += 1)
    await press('Tab');
  await press('Enter');
  await expect(dialog).toBeHidden();
  await expect(page.getByRole('button', { name: 'Ready-made cards' })).toBeFocused();
  expect(await names(page)).toEqual(['Picture', 'Basket button', 'Title', 'Price', 'Swatches']);

  await press('Tab', 'ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowDown', 'Alt+ArrowUp');
  await expect.poll(() => names(page)).toEqual(['Picture', 'Basket button', 'Title', 'Swatches', 'Price']);
  await saved(page);
  const publish = page.getByRole('button', { name: /^Publish \d+ change/ });
  await publish.focus();
  await press('Enter');
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Publish now' }).focus();
  await press('Enter');
  await expect(sheet).toContainText('Release 2');

  // In public the bar is as wide as the picture, and comes with the keyboard too.
  await page.goto(store.url);
  const card = page.locator(`[data-shelf="${SHELF}"] .card:has(.part-basket)`).first();
  const bar = card.locator('.zone-foot .act');
  const opacity = () => card.locator('.part-basket').evaluate((one) => getComputedStyle(one).opacity);
  expect(await opacity()).toBe('0');
  await bar.focus();
  await expect.poll(opacity).toBe('1');
  const [own, picture] = [(await bar.boundingBox())!, (await card.locator('.part-picture').boundingBox())!];
  expect(own.width).toBeCloseTo(picture.width, 0);
  expect(own.y + own.height).toBeCloseTo(picture.y + picture.height, 0);
});

test('cards say which kind of product each is, while they are arranged and in public', async ({
  page,
  store,
}) => {
  await toCard(page, store);
  await page.getByRole('combobox', { name: 'Add a part' }).fill('digital');
  await page.getByRole('option', { name: /^Kind of product/ }).click();
  const { rows } = await store.pool.query<{ id: number; kind: string }>('SELECT id, kind FROM product');
  const kinds = new Map(rows.map(({ id, kind }) => [String(id), kind]));
  const words: Record<string, string> = {
    single: 'Single product',
    variants: 'Several variants',
    set: 'Set',
    digital: 'Digital',
  };
  const told = (cards: Locator) =>
    cards.evaluateAll((all) =>
      all.map((card) => [card.getAttribute('data-card')!, card.querySelector('.part-kind')?.textContent]),
    );
  const laptop = await frameAt(page, 'Laptop');
  const drawn = laptop.locator(`[data-shelf="${SHELF}"] .card`);
  await expect(drawn.first().locator('.part-kind')).toBeVisible();
  const arranged = await told(drawn);
  expect(arranged.length).toBeGreaterThan(3);
  expect(arranged).toEqual(arranged.map(([id]) => [id, words[kinds.get(id!)!]]));
  expect(new Set(arranged.map(([, said]) => said)).size).toBeGreaterThan(1);
  await saved(page);
  await publishByHand(page);
  await page.goto(store.url);
  expect(await told(page.locator(`[data-shelf="${SHELF}"] .card`))).toEqual(arranged);
});
