import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openLine, OWNER, test } from './store.ts';

const RULES = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** What keeps somebody from using the studio by keyboard or by ear; the frames are pages of the storefront, tried apart. */
async function barriers(page: Page, within = 'body'): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page })
    .include(within)
    .exclude('iframe')
    .withTags(RULES)
    .analyze();
  const found: string[] = [];
  for (const { id, nodes } of violations)
    for (const { html, target } of nodes) {
      // What is pressed within a sentence is as high as its line, which the rule on the size of targets allows for.
      const inSentence = () =>
        page.locator(String(target[0])).evaluate((element) => element.closest('.sentence') !== null);
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
  expect(await barriers(page)).toEqual([]);

  await page.getByLabel('E-mail').fill(OWNER.email);
  await page.getByLabel('Password').fill(OWNER.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.frameLocator('iframe').first().locator('[data-card]').first()).toBeVisible();
  await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Arrange: Home');
  await expect(page.getByRole('main')).toHaveCount(1);
  expect(await barriers(page)).toEqual([]);
  for (const line of ['Shows', 'Layout', 'Card', 'Look']) {
    await openLine(page, line);
    await expect(page.getByText('Opening…')).toHaveCount(0);
    expect(await barriers(page, `[data-line="${line.toLowerCase()}"]`), line).toEqual([]);
  }

  await page.getByRole('button', { name: 'Page settings' }).click();
  await page.getByRole('row', { name: /^Own label/ }).click();
  expect(await barriers(page, '[aria-label="Spec"]')).toEqual([]);
  await page.getByRole('button', { name: /^Account of / }).click();
  await page.getByRole('menuitem', { name: 'Outbox' }).click();
  await expect(page.getByText(/^No mail yet/)).toBeVisible();
  expect(await barriers(page)).toEqual([]);

  await page.getByRole('link', { name: 'Assortments' }).click();
  await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Assortments');
  expect(await barriers(page)).toEqual([]);
});
