import type { Locator, Page } from '@playwright/test';
import { expect } from './store.ts';

/** A colour #rrggbb as a browser says it. */
export const rgb = (hex: string) =>
  `rgb(${[1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)).join(', ')})`;
/** A computed style of the first of these. */
export const styleOf = (locator: Locator, style: string): Promise<string> =>
  locator.first().evaluate((one, name) => getComputedStyle(one)[name as 'color'], style);

/** Opens an element in House style; gives its editor. */
export async function openHouse(page: Page, element: string): Promise<Locator> {
  await page.getByRole('link', { name: 'House style' }).click();
  await page
    .getByRole('navigation', { name: 'Elements' })
    .getByRole('link', { name: element, exact: true })
    .click();
  return page.getByRole('region', { name: `Look of ${element}` });
}

/** Sets a colour of the open element: one of the house by its name, or #rrggbb. */
export async function pickColour(
  page: Page,
  editor: Locator,
  property: string,
  colour: string,
): Promise<void> {
  // What the page has in one way or another has no value yet.
  const begin = editor.getByRole('button', { name: `Set ${property}`, exact: true });
  const open = editor.getByRole('button', { name: new RegExp(`^${property}:`) });
  await expect(begin.or(open)).toBeVisible();
  if (await begin.isVisible()) await begin.click();
  await open.click();
  const sheet = page.getByRole('dialog');
  if (colour.startsWith('#')) {
    await sheet.getByLabel('Code').fill(colour);
    await page.keyboard.press('Enter');
  } else await sheet.getByRole('button', { name: new RegExp(`^${colour}( [\\d.]+:1)?$`) }).click();
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
}
