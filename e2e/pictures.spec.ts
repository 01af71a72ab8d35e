import { writeFile } from 'node:fs/promises';
import type { Locator, Page } from '@playwright/test';
import sharp from 'sharp';
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

  await page.getByRole('link', { name: /^Not used/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Remove these…' }).focus();
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog', { name: 'Remove pictures that nothing uses' });
  await dialog.getByRole('button', { name: 'Remove 3 pictures' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Every picture is used somewhere.')).toBeVisible();
});
