import type { Page } from '@playwright/test';
import { barriers } from './barriers.ts';
import { expect, openLine, OWNER, test } from './store.ts';

const RULES = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Barriers of a place of the studio. */
async function barriersIn(page: Page, within?: string): Promise<string[]> {
  const found: string[] = [];
  for (const { id, nodes } of await barriers(page, RULES, within))
    for (const { html, target } of nodes) {
      // What is pressed within a sentence is as high as its line, which the rule on the size of targets allows for.
      const inSentence = () =>
        page.locator(target).evaluate((element) => element.closest('.sentence') !== null);
      if (id !== 'target-size' || !(await inSentence())) found.push(`${id}: ${html.slice(0, 200)}`);
    }
  return found;
}

test('every place of the studio has one main part and one first heading, and no barriers', async ({
  page,
  store,
}) => {
  await page.goto(`${store.url}/studio`);
  await expect(page.getByLabel('E-mail')).toBeVisible();
  expect(await barriersIn(page)).toEqual([]);

  await page.getByLabel('E-mail').fill(OWNER.email);
  await page.getByLabel('Password').fill(OWNER.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(
    page.frameLocator('iframe[title^="The page on"]').first().locator('[data-card]').first(),
  ).toBeVisible();
  await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Arrange: Home');
  await expect(page.getByRole('main')).toHaveCount(1);
  expect(await barriersIn(page)).toEqual([]);
  for (const line of ['Shows', 'Layout', 'Card', 'Look']) {
    await openLine(page, line);
    await expect(page.getByText('Opening…')).toHaveCount(0);
    expect(await barriersIn(page, `[data-line="${line.toLowerCase()}"]`), line).toEqual([]);
  }

  await page.getByRole('button', { name: 'Page settings' }).click();
  await page.getByRole('row', { name: /^Own label/ }).click();
  expect(await barriersIn(page, '[aria-label="Spec"]')).toEqual([]);
  await page.getByRole('button', { name: /^Account of / }).click();
  await page.getByRole('menuitem', { name: 'Outbox' }).click();
  await expect(page.getByText(/^No mail yet/)).toBeVisible();
  expect(await barriersIn(page)).toEqual([]);

  await page.getByRole('link', { name: 'Assortments' }).click();
  await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Assortments');
  expect(await barriersIn(page)).toEqual([]);
});
