import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openLine, signIn, test } from './store.ts';

const RULES = ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** What keeps somebody from using the studio by keyboard or by ear; the frames are pages of the storefront, tried apart. */
async function barriers(page: Page): Promise<string[]> {
  const looks = [
    new AxeBuilder({ page }).exclude('iframe').withTags(RULES).disableRules('target-size'),
    // What is pressed within a sentence is as high as its line, which the rule on the size of targets allows for.
    new AxeBuilder({ page }).exclude('iframe').exclude('.sentence').withRules('target-size'),
  ];
  const found: string[] = [];
  for (const look of looks)
    for (const { id, nodes } of (await look.analyze()).violations)
      found.push(
        `${id}: ${nodes
          .map(({ html }) => html)
          .join(' ')
          .slice(0, 400)}`,
      );
  return found;
}

test('every place of the studio has one main part and one first heading, and no barriers', async ({
  page,
  store,
}) => {
  test.setTimeout(120_000);
  await page.goto(`${store.url}/studio`);
  await expect(page.getByLabel('E-mail')).toBeVisible();
  expect(await barriers(page)).toEqual([]);

  await signIn(page, store);
  await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Arrange: Home');
  await expect(page.getByRole('main')).toHaveCount(1);
  expect(await barriers(page)).toEqual([]);
  for (const line of ['Shows', 'Layout', 'Card', 'Look']) {
    await openLine(page, line);
    await expect(page.getByText('Opening…')).toHaveCount(0);
    expect(await barriers(page), line).toEqual([]);
  }

  await page.getByRole('link', { name: 'Assortments' }).click();
  await expect(page.getByRole('main').getByRole('heading', { level: 1 })).toHaveText('Assortments');
  expect(await barriers(page)).toEqual([]);
});
