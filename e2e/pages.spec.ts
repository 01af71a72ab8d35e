import type { Page } from '@playwright/test';
import { publishByHand } from './publish.ts';
import { expect, frameAt, saved, signIn, test } from './store.ts';

const openPages = async (page: Page) => {
  await page.getByRole('button', { name: /^Page: / }).click();
  const panel = page.getByRole('dialog', { name: 'Pages' });
  await expect(panel.getByRole('grid', { name: 'Store pages' })).toBeVisible();
  return panel;
};
/** The sheet says that it is published until it is closed. */
const publishAndGoOn = async (page: Page) => {
  await publishByHand(page);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
};
const menuOf = async (page: Page, name: string, act: string) => {
  const panel = await openPages(page);
  await panel.getByRole('button', { name: `More for ${name}`, exact: true }).click();
  await page.getByRole('menuitem', { name: act }).click();
};

/** The focus is in the panel again once the menu of a row that went is gone; then one Escape closes it. */
const closePages = async (page: Page) => {
  const panel = page.getByRole('dialog', { name: 'Pages' });
  await expect(page.getByRole('menu')).toHaveCount(0);
  await expect
    .poll(() =>
      page.evaluate(() => document.activeElement?.closest('[role=dialog]')?.getAttribute('aria-label')),
    )
    .toBe('Pages');
  await page.keyboard.press('Escape');
  await expect(panel).toBeHidden();
};

test('a sale page is made from a template, published, moved, copied, deleted and brought back', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const panel = await openPages(page);
  await panel.getByRole('button', { name: 'New page' }).click();
  const sheet = page.getByRole('dialog', { name: 'New page' });
  const create = sheet.getByRole('button', { name: 'Create page' });
  await expect(create).toBeDisabled();
  // By keys: the third template, then the name.
  await sheet.getByRole('radio', { name: 'Empty' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(sheet.getByText('Sale, 3 bays:')).toBeVisible();
  await page.keyboard.press('Tab');
  await page.keyboard.type('Spring séconds');
  await expect(sheet.getByRole('textbox', { name: 'Address' })).toHaveValue('spring-seconds');
  await expect(sheet.getByText('/page/spring-seconds is free.')).toBeVisible();
  await sheet.getByRole('textbox', { name: 'Address' }).fill('Spring!');
  await expect(sheet.getByRole('alert')).toContainText('small letters, digits and single hyphens');
  await expect(create).toBeDisabled();
  await sheet.getByRole('textbox', { name: 'Address' }).fill('spring');
  await create.click();
  await expect(page.getByRole('grid', { name: 'Bays of Spring séconds' }).getByRole('row')).toHaveCount(3);
  const phone = await frameAt(page, 'Phone');
  await expect(phone.getByRole('heading', { level: 1 })).toHaveText('Spring séconds');
  await expect(phone.locator('[data-card]').first()).toBeVisible();
  await publishAndGoOn(page);
  for (const width of [390, 1440]) {
    const shopper = await page.context().newPage();
    await shopper.setViewportSize({ width, height: 800 });
    await shopper.goto(`${store.url}/page/spring`);
    await expect(shopper).toHaveTitle('Spring séconds – Kelverstone Clayworks');
    await expect(shopper.getByRole('heading', { level: 1 })).toHaveText('Spring séconds');
    await expect(shopper.locator('[data-shelf$="-reduced"] .label').first()).toContainText('% off');
    await shopper.close();
  }

  // Moved: whoever has the old address is sent on.
  await page.getByRole('button', { name: 'Page settings' }).click();
  await page.getByRole('textbox', { name: 'Address of the page' }).fill('seconds');
  await page
    .getByRole('switch', { name: 'Hidden from search engines' })
    .or(page.getByLabel('Hidden from search engines'))
    .first()
    .press('Space');
  await publishAndGoOn(page);
  const moved = await page.request.get(`${store.url}/page/spring`);
  expect(new URL(moved.url()).pathname).toBe('/page/seconds');
  expect((await moved.text()).includes('content="noindex"')).toBe(true);

  // A copy has an address of its own, and changes nothing of the first.
  await menuOf(page, 'Spring séconds', 'Duplicate');
  await expect(page.getByRole('button', { name: 'Page: Spring séconds (copy)' })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Address of the page' })).toHaveValue('spring-seconds-copy');
  await expect(page.getByRole('grid', { name: /^Bays of/ }).getByRole('row')).toHaveCount(3);

  // Deleted, it is nowhere; brought back, it is as it was.
  await menuOf(page, 'Spring séconds', 'Delete');
  const list = page.getByRole('dialog', { name: 'Pages' });
  await expect(list.getByRole('grid', { name: 'Deleted' }).getByRole('row')).toHaveCount(1);
  // The copy, beside the page for the trade that the store has.
  await expect(list.getByRole('grid', { name: 'Your pages' }).getByRole('row')).toHaveCount(2);
  await closePages(page);
  await publishAndGoOn(page);
  expect((await page.request.get(`${store.url}/page/seconds`)).status()).toBe(404);
  expect((await page.request.get(`${store.url}/page/spring-seconds-copy`)).status()).toBe(200);
  await menuOf(page, 'Spring séconds', 'Bring back');
  await closePages(page);
  await publishAndGoOn(page);
  expect((await page.request.get(`${store.url}/page/spring`)).status()).toBe(200);
});

test('pages are found by name or address, and opened by keys', async ({ page, store }) => {
  await signIn(page, store);
  const panel = await openPages(page);
  await expect(panel.getByRole('row', { name: /^Home/ })).toContainText('Live');
  await panel.getByRole('searchbox', { name: 'Find a page' }).fill('/journal');
  await expect(panel.getByRole('row')).toHaveText([/^Journal\/journal/, /^Journal entry\/journal\/…/]);
  await panel.getByRole('searchbox', { name: 'Find a page' }).fill('nothing of the kind');
  await expect(panel.getByText('No page is called so, or is at such an address.')).toBeVisible();
  await panel.getByRole('searchbox', { name: 'Find a page' }).fill('shop');
  await panel.getByRole('row', { name: /^Shop/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/studio\/arrange\/shop/);
  await expect(panel).toBeHidden();
  await expect(page.getByRole('grid', { name: 'Bays of Shop' })).toBeVisible();
  // What was changed is counted at the page that it is of.
  await page.getByRole('grid', { name: 'Bays of Shop' }).getByRole('row').first().focus();
  await page.keyboard.press('h');
  await saved(page);
  const again = await openPages(page);
  await expect(again.getByRole('row', { name: /^Shop/ })).toContainText('1 change');
});
