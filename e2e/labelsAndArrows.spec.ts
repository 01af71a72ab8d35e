import { widthOf } from '../core/card/text.ts';
import { LABEL_TEXT } from '../core/label/labelKind.ts';
import { publishByHand, publishWith } from './publish.ts';
import { expect, openLine, signIn, test } from './store.ts';
import { openHouse, pickColour, rgb, styleOf } from './style.ts';

const MOVING = 'under-sixty';

test('labels are styled for the whole store, and one with colours of its own keeps them', async ({
  page,
  store,
}) => {
  await publishWith(store, {
    house: {
      labels: {
        list: [
          { id: 'sale', kind: 'sale' },
          { id: 'new', kind: 'new', ground: '#0f4f4a' },
        ],
      },
    },
  });
  await signIn(page, store);
  const editor = await openHouse(page, 'Labels');
  await pickColour(page, editor, 'Background', '#7a2f5d');
  await editor.getByRole('textbox', { name: 'Corners, px' }).fill('9');
  await page.keyboard.press('Enter');
  await editor.getByRole('textbox', { name: 'Text size, px' }).fill('17');
  await page.keyboard.press('Enter');
  const specimen = page.frameLocator('iframe[title^="Specimen on"]');
  await expect.poll(() => styleOf(specimen.locator('.label-sale'), 'backgroundColor')).toBe(rgb('#7a2f5d'));
  await publishByHand(page);
  await page.goto(store.url);
  const [sale, fresh] = [page.locator('.label-sale'), page.locator('.label-new')];
  expect(await styleOf(sale, 'backgroundColor')).toBe(rgb('#7a2f5d'));
  expect(await styleOf(fresh, 'backgroundColor')).toBe(rgb('#0f4f4a'));
  for (const one of [sale, fresh]) expect(await styleOf(one, 'borderRadius')).toBe('9px');
  // As wide as the core reckons, by which it finds labels that come over others.
  const drawn = await sale.first().evaluate((one) => ({
    text: one.textContent,
    px: one.getBoundingClientRect().width,
  }));
  const reckoned = widthOf(drawn.text, { ...LABEL_TEXT, fontPx: 17 }) + 2 * LABEL_TEXT.box.endsPx;
  expect(Math.abs(drawn.px - reckoned)).toBeLessThan(1);
});

test('a label that cannot be read is found while it is set, and mended by the offer', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const editor = await openHouse(page, 'Labels');
  await pickColour(page, editor, 'Background', '#c9c9c9');
  await pickColour(page, editor, 'Text colour', '#ffffff');
  const told = editor.getByRole('status');
  await expect(told).toContainText('needs 4.5:1');
  await told.getByRole('button', { name: /^Use #/ }).click();
  await expect(told).toContainText('easy to read');
  await expect(told.getByRole('button')).toHaveCount(0);
});

test('arrows and dots of one shelf are styled in their states, an arrow that is off too', async ({
  page,
  store,
}) => {
  await signIn(page, store, `/studio/arrange/home?bay=${MOVING}`);
  await openLine(page, 'Look');
  const elements = page.getByRole('group', { name: 'Elements of the shelf' });
  await elements.getByRole('button', { name: 'Arrows' }).click();
  const arrows = page.getByRole('region', { name: 'Look of Arrows' });
  await pickColour(page, arrows, 'Background', 'Accent');
  // The sign in the text's colour would not be seen on it.
  await expect(arrows.getByRole('status')).toContainText('needs 3:1');
  await pickColour(page, arrows, 'Text colour', '#ffffff');
  await expect(arrows.getByRole('status')).toContainText('easy to read');
  await arrows.getByText('Off', { exact: true }).click();
  await pickColour(page, arrows, 'Background', '#cccccc');
  await elements.getByRole('button', { name: 'Position dots' }).click();
  const dots = page.getByRole('region', { name: 'Look of Position dots' });
  await dots.getByText('Current', { exact: true }).click();
  await pickColour(page, dots, 'Background', '#a3341a');
  await publishByHand(page);

  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(store.url);
  const shelf = page.locator(`[data-shelf="${MOVING}"]`);
  await shelf.scrollIntoViewIfNeeded();
  await expect(shelf).toHaveAttribute('data-on', 'track');
  const accent = await shelf.evaluate((one) => getComputedStyle(one).getPropertyValue('--accent'));
  expect(await styleOf(shelf.locator('.next'), 'backgroundColor')).toBe(rgb(accent));
  expect(await styleOf(shelf.locator('.next'), 'color')).toBe(rgb('#ffffff'));
  await expect(shelf.locator('.previous')).toHaveAttribute('aria-disabled', 'true');
  expect(await styleOf(shelf.locator('.previous'), 'backgroundColor')).toBe(rgb('#cccccc'));
  await page.setViewportSize({ width: 390, height: 800 });
  const current = shelf.locator('.marks [aria-current=true]');
  await expect(current).toBeVisible();
  const dot = (of: typeof current) =>
    of.first().evaluate((one) => getComputedStyle(one, '::before').backgroundColor);
  expect(await dot(current)).toBe(rgb('#a3341a'));
  expect(await dot(shelf.locator('.marks button:not([aria-current=true])'))).not.toBe(rgb('#a3341a'));
});
