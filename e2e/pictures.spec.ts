import { writeFile } from 'node:fs/promises';
import type { Locator, Page } from '@playwright/test';
import sharp from 'sharp';
import { zipped } from '../server/specimen/zip.ts';
import { expect, frameAt, openLine, saved, signIn, test } from './store.ts';

interface SentFile {
  name: string;
  mimeType: string;
  buffer: Buffer;
}

const png = async (name: string, background: string, width = 600, height = 400): Promise<SentFile> => ({
  name,
  mimeType: 'image/png',
  buffer: await sharp({ create: { width, height, channels: 3, background } })
    .png()
    .toBuffer(),
});

/** Drops files of the computer where the pointer is, as the browser itself does. */
async function drop(page: Page, on: Locator, files: readonly SentFile[]): Promise<void> {
  const paths = files.map(({ name }) => test.info().outputPath(name));
  await Promise.all(files.map(({ buffer }, i) => writeFile(paths[i]!, buffer)));
  const box = (await on.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const browser = await page.context().newCDPSession(page);
  const data = { items: [], files: paths, dragOperationsMask: 1 };
  for (const type of ['dragEnter', 'dragOver', 'drop'] as const)
    await browser.send('Input.dispatchDragEvent', { type, x, y, data });
}

// The browser is told beforehand that files are chosen here: asked for at the press, it may hear of it too late.
test.beforeEach(({ page }) => {
  page.on('filechooser', () => undefined);
});

async function choose(page: Page, press: () => Promise<void>, files: SentFile[]): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await press();
  await (await chooser).setFiles(files);
}

const openBanner = async (page: Page) => {
  await page.getByRole('grid', { name: 'Bays of Home' }).getByRole('row', { name: 'Thrown slowly' }).click();
  await openLine(page, 'Picture');
};

test('pictures are dropped in, told of, shown on a page, replaced wherever they stand and put back', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.getByRole('link', { name: 'Catalogue', exact: true }).click();
  await page.getByRole('link', { name: /^Pictures/ }).click();
  const tiles = page.getByRole('grid', { name: 'Pictures, the newest first' });
  await expect(tiles.getByRole('row').first()).toBeVisible();
  await drop(page, tiles, [
    await png('kiln_door.png', '#803020'),
    await png('shelf edge.png', '#305060'),
    { name: 'prices.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b') },
    { name: 'cut.png', mimeType: 'image/png', buffer: Buffer.from('not a picture') },
  ]);
  const told = page.getByRole('region', { name: 'Pictures that are sent' });
  await expect(told.getByRole('status')).toHaveText('2 pictures put in, 2 not taken.');
  await expect(told.getByRole('listitem')).toHaveText([
    /^prices.csv: This is no picture/,
    /^cut.png: This is no picture/,
  ]);

  await tiles.getByRole('row', { name: 'kiln door' }).click();
  const side = page.getByRole('complementary', { name: 'kiln door' });
  await expect(side.getByText('600 × 400 px')).toBeVisible();
  await expect(side.getByText('Nothing uses it.')).toBeVisible();
  await side.getByRole('textbox', { name: 'What it shows' }).fill('A kiln door, half open');
  const picture = side.locator('.whole img');
  // Before it is there it has no size.
  await picture.evaluate((one: HTMLImageElement) => one.decode());
  const whole = (await picture.boundingBox())!;
  // Where it stands once it no longer moves.
  await picture.click({ position: { x: whole.width * 0.25, y: whole.height * 0.75 } });
  await expect(side.getByRole('button', { name: /25 % across, 75 % down/ })).toBeVisible();
  await expect(side.getByRole('status')).toHaveText('Saved. Shoppers see it at once.');

  await page.getByRole('link', { name: 'Arrange' }).click();
  await openBanner(page);
  await page.getByRole('textbox', { name: 'Find a picture: Picture' }).fill('kiln');
  await page.getByRole('option', { name: 'kiln door' }).click();
  const laptop = await frameAt(page, 'Laptop');
  const shown = laptop.getByRole('img', { name: 'A kiln door, half open' });
  await expect(shown).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: /^Publish/ }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Publish/ })
    .click();
  await expect(page.getByText(/is what shoppers see now/)).toBeVisible();
  await page.keyboard.press('Escape');
  const shop = await page.context().newPage();
  const file = async () => {
    await shop.goto(store.url);
    const src = await shop.getByRole('img', { name: 'A kiln door, half open' }).getAttribute('src');
    return /pictures\/([0-9a-f]+)/.exec(src!)![1];
  };
  const first = await file();

  // Replaced in one step, before shoppers too, and put back as simply.
  await page.getByRole('link', { name: 'Catalogue', exact: true }).click();
  await page.getByRole('link', { name: /^Pictures/ }).click();
  await tiles.getByRole('row', { name: 'kiln door' }).click();
  await expect(side.getByRole('link', { name: 'Page "Home"' })).toBeVisible();
  await choose(page, () => side.getByRole('button', { name: 'Replace everywhere' }).click(), [
    await png('another.png', '#205030', 500, 500),
  ]);
  await expect(side.getByText('500 × 500 px')).toBeVisible();
  await expect.poll(file).not.toBe(first);
  await page.getByRole('link', { name: 'Arrange' }).click();
  await expect(shown).toHaveAttribute('src', new RegExp((await file())!));
  await page.goBack();
  await side.getByRole('button', { name: 'Put the former file back' }).click();
  await expect(side.getByText('600 × 400 px')).toBeVisible();
  await expect.poll(file).toBe(first);
});

test('by keyboard: pictures are put in, found, given what stays in sight, and the unused removed', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/catalogue/pictures`);
  const put = page.getByRole('button', { name: 'Put pictures in' });
  await put.focus();
  const files = await Promise.all([1, 2, 3].map((i) => png(`spare ${i}.png`, `#40${i}0${i}0`)));
  await choose(page, () => page.keyboard.press('Enter'), files);
  await expect(page.getByText('3 pictures put in.')).toBeVisible();
  await page.getByRole('searchbox', { name: 'Find a picture' }).focus();
  await page.keyboard.type('spare 2');
  await expect(page.getByText('1 picture found.')).toBeVisible();
  const tiles = page.getByRole('grid', { name: 'Pictures, the newest first' });
  await tiles.getByRole('row').focus();
  await page.keyboard.press('Enter');
  const side = page.getByRole('complementary', { name: 'spare 2' });
  const ring = side.getByRole('button', { name: /^What stays in sight/ });
  await ring.focus();
  for (const key of ['ArrowLeft', 'ArrowLeft', 'ArrowDown']) await page.keyboard.press(key);
  await expect(ring).toHaveAccessibleName(/46 % across, 52 % down/);
  await expect(side.getByRole('status')).toHaveText(/^Saved/);
  await page.reload();
  await expect(ring).toHaveAccessibleName(/46 % across, 52 % down/);

  // Two of them are chosen and removed, the last with all that nothing uses.
  await page.getByRole('link', { name: /^Not used/ }).focus();
  await page.keyboard.press('Enter');
  await tiles.getByRole('row').first().focus();
  for (const key of ['Space', 'ArrowRight', 'Space']) await page.keyboard.press(key);
  const chosen = page.getByRole('region', { name: 'Chosen pictures' });
  await expect(chosen.getByText('2 pictures chosen')).toBeVisible();
  await chosen.getByRole('button', { name: 'Remove them…' }).focus();
  await page.keyboard.press('Enter');
  const asked = page.getByRole('dialog', { name: 'Remove the chosen pictures' });
  await asked.getByRole('button', { name: 'Remove 2 pictures' }).focus();
  await page.keyboard.press('Enter');
  await expect(tiles.getByRole('row')).toHaveCount(1);
  await expect(chosen).toBeHidden();
  await page.getByRole('button', { name: 'Remove these…' }).focus();
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Remove pictures that nothing uses' });
  await dialog.getByRole('button', { name: 'Remove 1 picture' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Every picture is used somewhere.')).toBeVisible();
});

test('a ZIP of pictures is put in, and goes with the products they are named like, which is taken back', async ({
  page,
  browser,
  store,
}) => {
  const { rows } = await store.pool.query<{ id: number; slug: string; code: string; pictures: number }>(
    `SELECT p.id, p.slug, p.code, (SELECT count(*)::int FROM product_picture WHERE product_id = p.id) AS pictures
     FROM product p WHERE p.in_stock AND p.code <> '' AND p.kind = 'single' ORDER BY p.id LIMIT 2`,
  );
  const [first, second] = rows as [(typeof rows)[0], (typeof rows)[0]];
  const files = await Promise.all([
    png(`${first.code}-2.png`, '#123456'),
    png(`${first.code}-1.png`, '#654321'),
    png(`${second.slug}.png`, '#335577'),
    png('like nothing.png', '#775533'),
  ]);
  const zip = await zipped([
    ...files.map(({ name, buffer }) => [`from the camera/${name}`, buffer] as const),
    ['__MACOSX/._x.png', 'x'],
  ]);
  const many = async ({ id }: { id: number }) =>
    (await store.pool.query('SELECT FROM product_picture WHERE product_id = $1', [id])).rowCount;

  await signIn(page, store);
  await page.goto(`${store.url}/studio/catalogue/pictures`);
  const tiles = page.getByRole('grid', { name: 'Pictures, the newest first' });
  await expect(tiles.getByRole('row').first()).toBeVisible();
  await drop(page, tiles, [{ name: 'camera.zip', mimeType: 'application/zip', buffer: zip }]);
  const told = page.getByRole('region', { name: 'Pictures that are sent' });
  await expect(told.getByRole('status')).toHaveText('4 pictures put in.');

  // By keyboard.
  await page.getByRole('button', { name: 'Put with products…' }).focus();
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Pictures and the products they are named like' });
  await expect(dialog.getByRole('option')).toHaveCount(3);
  await dialog.getByRole('button', { name: 'Put 3 pictures with 2 products' }).focus();
  await page.keyboard.press('Enter');
  await expect(dialog).toBeHidden();
  await expect.poll(() => many(first)).toBe(first.pictures + 2);
  expect(await many(second)).toBe(second.pictures + 1);
  const shopper = await browser.newPage();
  const shots = async (wanted: number) =>
    expect(async () => {
      await shopper.goto(`${store.url}/product/${first.slug}`);
      await expect(shopper.locator('.gallery .shots>li')).toHaveCount(wanted, { timeout: 1000 });
    }).toPass();
  await shots(first.pictures + 2);
  await page.getByRole('button', { name: 'Take back pictures of 2 products' }).click();
  await expect.poll(() => many(second)).toBe(second.pictures);
  await shots(first.pictures);
  await shopper.close();
});
