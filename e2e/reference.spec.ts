import sharp from 'sharp';
import { expect, signIn, test } from './store.ts';

/** A drawing of a page: a band of one colour over a long rest of another. */
const drawing = (width: number) =>
  sharp({ create: { width, height: 900, channels: 3, background: '#204060' } })
    .composite([
      {
        input: { create: { width, height: 100, channels: 3, background: '#ff0000' } },
        top: 0,
        left: 0,
      },
    ])
    .png()
    .toBuffer();

test('the page is compared with a picture, beside it and over it, which goes nowhere', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.getByRole('button', { name: /^Tablet.*: bring near/ }).click();
  await page.getByRole('button', { name: 'Full size' }).click();
  const dialog = page.getByRole('dialog', { name: /at full size/ });
  const choose = dialog.locator('input[type=file]');
  await choose.setInputFiles({ name: 'notes.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(dialog.getByRole('alert')).toContainText('notes.png is no picture that can be read');
  const sent: string[] = [];
  page.on('request', (request) => request.method() !== 'GET' && sent.push(request.url()));
  await choose.setInputFiles({ name: 'idea.png', mimeType: 'image/png', buffer: await drawing(400) });

  // Beside: both are scrolled together, from either side.
  const beside = dialog.getByRole('group', { name: 'Picture to compare with' }).last();
  await expect(beside.getByRole('img', { name: 'idea.png' })).toBeVisible();
  await expect(dialog.getByRole('alert')).toHaveCount(0);
  const frame = dialog.frameLocator('iframe[title$="at full size"]');
  const down = () => frame.locator('html').evaluate((one) => one.scrollTop);
  await frame.locator('html').evaluate((one) => one.scrollTo(0, 300));
  await expect.poll(() => beside.evaluate((one) => one.scrollTop)).toBeGreaterThan(100);
  await beside.evaluate((one) => one.scrollTo(0, 0));
  await expect.poll(down).toBeLessThan(3);
  // A picture that ends before the page does leaves it where it is.
  await frame.locator('html').evaluate((one) => one.scrollTo(0, 2_000));
  await page.evaluate(
    () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))),
  );
  expect(await down()).toBe(2_000);
  await beside.evaluate((one) => one.scrollTo(0, 0));
  await expect.poll(down).toBeLessThan(3);

  // Over: as wide as the page, as opaque as is set, moved with it.
  await dialog.getByText('Over', { exact: true }).click();
  const over = dialog.locator('img');
  await expect(over).toHaveCount(1);
  const drawn = () => over.boundingBox();
  const holder = dialog.locator('iframe[title$="at full size"]');
  expect(Math.round((await drawn())!.width)).toBe(Math.round((await holder.boundingBox())!.width));
  await dialog.getByRole('button', { name: 'Opacity, %: more' }).click();
  await expect(over.locator('..')).toHaveCSS('opacity', '0.6');
  const top = (await drawn())!.y;
  await frame.locator('html').evaluate((one) => one.scrollTo(0, 200));
  await expect.poll(async () => Math.round(top - (await drawn())!.y)).toBe(200);
  await dialog.getByText('Show differences').click();
  await expect(over.locator('..')).toHaveCSS('mix-blend-mode', 'difference');

  // Presses go through it; what was chosen is still there when it is opened again, until it is removed.
  await dialog.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Full size' }).click();
  await expect(dialog.getByText(/^idea\.png, 400 × 900 px/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Remove picture' }).click();
  await expect(dialog.locator('img')).toHaveCount(0);
  expect(sent).toEqual([]);
});
