import type { Locator, Page } from '@playwright/test';
import { publishWith } from './publish.ts';
import { expect, frameAt, openLine, saved, signIn, test, type Store } from './store.ts';

const SHELF = '[data-shelf="new-from-the-kiln"]';

/** Puts swatches on the cards of a shelf, with what else is set of them, and publishes. */
async function publishSwatches(page: Page, store: Store, set: (settings: Locator) => Promise<void>) {
  await signIn(page, store);
  await page
    .getByRole('grid', { name: 'Bays of Home' })
    .getByRole('row', { name: 'New from the kiln' })
    .click();
  await openLine(page, 'Card');
  await page.getByRole('combobox', { name: 'Add a part' }).fill('swat');
  await page.getByRole('option', { name: /^Swatches/ }).click();
  await set(page.getByRole('region', { name: 'Settings of the part Swatches' }));
  await saved(page);
  await page.getByRole('button', { name: /^Publish \d+ change/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Publish now' }).click();
  await expect(dialog).toContainText('Release 2');
}

/** A card with a swatch of another photograph, whose variant costs more than all others. */
async function cardWithOther(page: Page, { pool, url }: Store) {
  await page.goto(url);
  const swatch = page.locator(`${SHELF} .part-swatches a[data-picture]`).first();
  const id = Number(new URL((await swatch.getAttribute('href'))!, url).searchParams.get('variant'));
  const { rows } = await pool.query<{ name: string }>(
    `UPDATE variant v SET price = 98700, reduced = NULL, stock = 9 WHERE id = $1
     RETURNING (SELECT ov.name FROM variant_value vv JOIN option_value ov ON ov.id = vv.option_value_id
       WHERE vv.variant_id = v.id AND ov.option_id = 1) AS name`,
    [id],
  );
  // All that have this glaze cost as much, so that none cheaper stands for it.
  await pool.query(
    `UPDATE variant SET price = 98700, reduced = NULL WHERE id IN (SELECT vv.variant_id FROM variant_value vv
       JOIN option_value ov ON ov.id = vv.option_value_id JOIN variant v ON v.id = vv.variant_id
       WHERE ov.name = $2 AND v.product_id = (SELECT product_id FROM variant WHERE id = $1))`,
    [id, rows[0]!.name],
  );
  const name = rows[0]!.name;
  const card = page.locator(`${SHELF} .card`).filter({ has: page.locator(`a[href$="?variant=${id}"]`) });
  await expect(async () => {
    await page.goto(url);
    await expect(card.locator(`a[href$="?variant=${id}"]`)).toHaveAttribute('data-now', '£987', {
      timeout: 500,
    });
  }).toPass();
  return { card, swatch: card.getByRole('link', { name, exact: true }), id, name };
}

const shows = (card: Locator) =>
  card.locator('.part-picture img').evaluate((img: HTMLImageElement) => img.srcset.split('/')[2]);

test('swatches change picture and price while they are pointed at or have the focus', async ({
  page,
  store,
}) => {
  await publishSwatches(page, store, async () => {
    // The same at once in the frame.
    const laptop = await frameAt(page, 'Laptop');
    const swatch = laptop.locator(`${SHELF} .part-swatches a[data-picture]`).first();
    const card = swatch.locator('xpath=ancestor::li[@data-card]');
    const before = await shows(card);
    await swatch.hover();
    await expect.poll(() => shows(card)).toBe(await swatch.getAttribute('data-picture'));
    await page.mouse.move(0, 0);
    await expect.poll(() => shows(card)).toBe(before);
  });
  const { card, swatch } = await cardWithOther(page, store);
  const [picture, price, height] = [
    await shows(card),
    await card.locator('.part-price').textContent(),
    (await card.boundingBox())!.height,
  ];
  await swatch.hover();
  await expect.poll(() => shows(card)).toBe(await swatch.getAttribute('data-picture'));
  await expect(card.locator('.part-price')).toHaveText('£987');
  await expect(swatch.locator('span')).toBeVisible();
  expect((await card.boundingBox())!.height).toBe(height);
  await page.mouse.move(0, 0);
  await expect.poll(() => shows(card)).toBe(picture);
  await expect(card.locator('.part-price')).toHaveText(price!);

  await swatch.focus();
  await expect(card.locator('.part-price')).toHaveText('£987');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/product\/.*\?variant=\d+$/);
  await expect(page.locator('.product .cost')).toHaveText('£987');
});

test('a swatch that is pressed stays chosen, and the card leads to it', async ({ page, store }) => {
  await publishSwatches(page, store, async (settings) => {
    const group = settings.getByRole('radiogroup', { name: 'Swatches: change picture and price' });
    await group.getByText('On press').click();
  });
  const { card, swatch, id } = await cardWithOther(page, store);
  const picture = await shows(card);
  await swatch.hover();
  expect(await shows(card)).toBe(picture);
  await swatch.click();
  await expect(swatch).toHaveAttribute('aria-current', 'true');
  await expect(card.locator('.part-price')).toHaveText('£987');
  await page.mouse.move(0, 0);
  await expect.poll(() => shows(card)).toBe(await swatch.getAttribute('data-picture'));
  await card.locator('.part-title a').click();
  await expect(page).toHaveURL(new RegExp(`variant=${id}$`));
});

test.describe('without script', () => {
  test.use({ javaScriptEnabled: false });

  test('swatches lead to the product with that value chosen', async ({ page, store }) => {
    await page.goto(`${store.url}/category/teaware`);
    const swatch = page.locator('[data-shelf="listing"] .part-swatches a[data-picture]').first();
    const name = await swatch.getAttribute('aria-label');
    await swatch.click();
    await expect(page).toHaveURL(/\?variant=\d+$/);
    const chosen = page.locator('.options [aria-current=true]').first();
    await expect(chosen).toHaveAccessibleName(name!);
    await expect(chosen.locator('.swatch')).toBeVisible();
  });
});

test('several pictures of a card are flicked through by arrows and by keys, give way to what a swatch shows, and lead to the product', async ({
  page,
  store,
}) => {
  await publishWith(store, {
    [`shelf:new-from-the-kiln`]: {
      card: { parts: { picture: { several: 4 }, swatches: { shown: { phone: true } } } },
    },
  });
  await page.goto(store.url);
  const card = page
    .locator(`${SHELF} .card`)
    .filter({ has: page.locator('.flick') })
    .filter({ has: page.locator('.part-swatches a[data-picture]') })
    .first();
  const pictures = card.locator('.flick img');
  expect(await pictures.count()).toBeGreaterThan(1);
  await card.scrollIntoViewIfNeeded();
  const at = () =>
    card.locator('.flick').evaluate((flick) => Math.round(flick.scrollLeft / flick.clientWidth));
  const on = () =>
    card.locator('.turns i').evaluateAll((all) => all.findIndex((one) => one.hasAttribute('data-on')));
  const [frame, last] = [
    (await card.locator('.frame').boundingBox())!,
    (await pictures.last().boundingBox())!,
  ];
  expect([last.width, last.height]).toEqual([frame.width, frame.height]);
  expect(await at()).toBe(0);

  await card.hover({ position: { x: 40, y: 60 } });
  await card.locator('.turn.next').click();
  await expect.poll(at).toBe(1);
  await expect.poll(on).toBe(1);
  await expect
    .poll(() => pictures.nth(1).evaluate((img: HTMLImageElement) => img.complete && img.naturalWidth > 0))
    .toBe(true);
  await card.locator('.turn.previous').click();
  await expect.poll(at).toBe(0);
  const group = card.getByRole('group', { name: /^Pictures of / });
  await group.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(at).toBe(1);
  // What a swatch shows is the first of them.
  await card.locator('.part-swatches a[data-picture]').first().hover();
  await expect.poll(at).toBe(0);
  await pictures.first().click();
  await expect(page).toHaveURL(/\/product\//);
});

test('the second picture comes on hover and with focus, and gives way to what a swatch shows', async ({
  page,
  store,
}) => {
  await publishWith(store, {
    [`shelf:new-from-the-kiln`]: {
      card: {
        parts: {
          picture: { second: true, shape: 'round', ratio: { phone: '1:1' } },
          swatches: { shown: { phone: true } },
        },
      },
    },
  });
  await page.goto(store.url);
  const card = page
    .locator(`${SHELF} .card`)
    .filter({ has: page.locator('.second') })
    .filter({ has: page.locator('.part-swatches a[data-picture]') })
    .first();
  const second = card.locator('.second');
  const seen = () => second.evaluate((one) => Number(getComputedStyle(one).opacity));
  await card.scrollIntoViewIfNeeded();
  expect(await seen()).toBe(0);
  const [frame, picture] = [(await card.locator('.frame').boundingBox())!, (await second.boundingBox())!];
  expect(frame.width).toBeCloseTo(frame.height, 0);
  expect([picture.width, picture.height]).toEqual([frame.width, frame.height]);
  await card.hover({ position: { x: 40, y: 60 } });
  await expect.poll(seen).toBe(1);
  await card.locator('.part-swatches a[data-picture]').first().hover();
  await expect(second).toBeHidden();
  await page.mouse.move(0, 0);
  await expect.poll(seen).toBe(0);
  await card.locator('.part-title a').focus();
  await expect.poll(seen).toBe(1);
});
