import { readFile } from 'node:fs/promises';
import { textLines } from '../core/text/measure.ts';
import type { Face } from '../core/text/face.ts';
import { typeFamily } from '../core/text/families/index.ts';
import { typeFile } from '../server/fonts/typeFile.ts';
import { publishByHand } from './publish.ts';
import { expect, signIn, test } from './store.ts';

test('a typeface of their own is put in, used, measured, published, and kept while it is used', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  await page.goto(`${store.url}/studio/house-style/typefaces`);
  const place = page.getByRole('region', { name: 'Typefaces' });
  const choose = place.locator('input[type=file]');
  await choose.setInputFiles({
    name: 'letters.ttf',
    mimeType: 'font/ttf',
    buffer: Buffer.from('no font at all, but a text that says it is one'),
  });
  await expect(place.getByRole('status')).toContainText('letters.ttf: This is no font that can be read.');
  await choose.setInputFiles({
    name: 'heading.woff2',
    mimeType: 'font/woff2',
    buffer: await readFile(typeFile(typeFamily('oswald'), 'latin', 'upright')),
  });
  // Its letters are read one by one, which takes as long as the machine is slow.
  await expect(place.getByRole('status')).toContainText('heading.woff2 is now part of Oswald (own)', {
    timeout: 60_000,
  });
  await expect(place.getByRole('list', { name: 'Your own' })).toContainText('Weights 200 to 700');

  // It is offered where typefaces are chosen, and seen at once.
  await page
    .getByRole('navigation', { name: 'Elements' })
    .getByRole('link', { name: 'Title', exact: true })
    .click();
  const editor = page.getByRole('region', { name: 'Look of Title' });
  await editor.getByRole('button', { name: /^Literata.*Typeface$|^Typeface/ }).click();
  await page.getByRole('option', { name: /^Oswald \(own\)/ }).click();
  const specimen = page.frameLocator('iframe[title^="Specimen on"]');
  await expect(specimen.locator('.part-title').first()).toHaveCSS('font-family', /^"Oswald \(own\)"/);
  await publishByHand(page);

  // Kept while it is used.
  await page.goto(`${store.url}/studio/house-style/typefaces`);
  await place.getByRole('button', { name: 'Remove Oswald (own)' }).click();
  await expect(place.getByRole('status')).toContainText('This typeface is used.');

  // In public it is fetched from here, and every title has the lines that were reckoned.
  const asked: string[] = [];
  page.on('request', (request) => void asked.push(request.url()));
  await page.goto(store.url);
  await page.evaluate(() => document.fonts.load('500 16px "Oswald (own)"'));
  const file = asked.find((url) => url.includes('/assets/type/own/'))!;
  expect(new URL(file).origin).toBe(store.url);
  const face = (await (await fetch(file.replace(/-[a-z-]+\.woff2$/, '.json'))).json()) as Face;
  const titles = await page.locator('.part-title').evaluateAll((all) =>
    all
      .filter((one) => one.getClientRects().length > 0)
      .map((one) => {
        const { fontSize, lineHeight, fontWeight, webkitLineClamp } = getComputedStyle(one);
        return {
          text: one.textContent,
          widthPx: one.clientWidth,
          lines: one.clientHeight / parseFloat(lineHeight),
          most: Number(webkitLineClamp),
          sizePx: parseFloat(fontSize),
          weight: Number(fontWeight),
        };
      }),
  );
  expect(titles.length).toBeGreaterThan(8);
  expect(
    titles.map(({ text, widthPx, most, sizePx, weight }) =>
      Math.min(most, textLines(text, { face, sizePx, weight }, widthPx).lines),
    ),
  ).toEqual(titles.map(({ lines }) => Math.round(lines)));
});
