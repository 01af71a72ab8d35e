import { publishByHand } from './publish.ts';
import { expect, signIn, test } from './store.ts';
import { openHouse, styleOf } from './style.ts';

const SHELF = 'new-from-the-kiln';

test('a title is set to a step of the house, follows it as it is changed by width, and is in px again', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const editor = await openHouse(page, 'Title');
  await editor.getByRole('button', { name: /Text size, px, from the size scale/ }).click();
  await page.getByRole('option', { name: 'Step 2, 23 px' }).click();
  await expect(editor).toContainText('1 set here');
  const specimen = page.frameLocator('iframe[title^="Specimen on"]');
  const title = specimen.locator(`[data-shelf="${SHELF}"] .part-title`);
  await expect.poll(() => styleOf(title, 'fontSize')).toBe('23px');

  await page.getByRole('link', { name: 'Sizes and spaces' }).click();
  const scales = page.getByRole('region', { name: 'Sizes and spaces' });
  await expect(scales.getByRole('row', { name: /^Step 2/ })).toContainText('1 place');
  await scales.getByRole('button', { name: 'Set Size of step 0, px per width' }).click();
  const laptop = scales.getByRole('textbox', { name: 'Size of step 0, px on Laptop' });
  await laptop.fill('20');
  await laptop.press('Enter');
  await expect(scales.getByRole('row', { name: /^Step 2/ })).toContainText('29');
  await expect.poll(() => styleOf(title, 'fontSize')).toBe('29px');
  await publishByHand(page);
  await page.goto(store.url);
  const drawn = page.locator(`[data-shelf="${SHELF}"] .part-title`);
  await page.setViewportSize({ width: 1200, height: 800 });
  expect(await styleOf(drawn, 'fontSize')).toBe('29px');
  await page.setViewportSize({ width: 390, height: 800 });
  expect(await styleOf(drawn, 'fontSize')).toBe('23px');

  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${store.url}/studio/house-style/title`);
  // The way to reset it is there before its control is.
  await editor.getByRole('button', { name: /^Step 2, .* Text size, px$/ }).click();
  await page.getByRole('option', { name: 'In px' }).click();
  await expect(editor.getByRole('textbox', { name: 'Text size, px' })).toHaveValue('23');
});
