import type { Page } from '@playwright/test';
import { expect, signIn, test, type Store } from './store.ts';
import { publishByHand } from './publish.ts';

/** The journal writes what shoppers read. */
test.use({ apart: true });

const editor = (page: Page) => page.getByRole('textbox', { name: /^Text of/ });
const said = (page: Page, words: string) => expect(page.getByText(words, { exact: true })).toBeVisible();

/** Opens a new entry of this title. */
async function write(page: Page, store: Store, title: string): Promise<void> {
  await signIn(page, store, '/studio/arrange/home');
  await page.goto(`${store.url}/studio/catalogue/journal`);
  await page.getByRole('button', { name: 'New entry' }).click();
  await page.getByLabel('Title').fill(title);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: title, level: 2 })).toBeVisible();
  await editor(page).click();
}

test('an entry is written with a shelf inside, saved and published', async ({ page, store, context }) => {
  await write(page, store, 'Ten lamps for a long winter');
  await page.keyboard.type('The days are short.');
  await page.keyboard.press('Enter');
  // A heading by the keyboard of the editor, as its buttons make it.
  await page.getByRole('button', { name: 'Heading', exact: true }).press('Enter');
  await page.keyboard.type('What to light first');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Shelf', exact: true }).press('Enter');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel(/^Or a new one/).fill('Newest of all');
  await dialog.getByRole('button', { name: 'Make a new shelf' }).click();
  const shelf = page.getByRole('group', { name: 'Shelf Newest of all' });
  await expect(shelf).toContainText('Shoppers see it once you publish.');
  // Its page shows it at once, at a width that is chosen.
  const frame = page.frameLocator('iframe[title^="The entry on"]');
  await expect(frame.locator('.entry-shelf [data-card]').first()).toBeVisible();
  await expect(frame.locator('.entry .rich').first()).toContainText('The days are short.');
  await page.getByText('Laptop', { exact: true }).click();
  await expect(page.locator('iframe[title="The entry on Laptop"]')).toBeVisible();
  await said(page, 'Kept, not saved: shoppers read the text as it was.');

  // What is kept outlives the window.
  await page.reload();
  await expect(editor(page)).toContainText('What to light first');
  await expect(shelf).toBeVisible();
  // So does what was typed last, though it had no time to reach the store.
  await editor(page).getByText('What to light first').click();
  await page.keyboard.press('End');
  await page.keyboard.type(', and last');
  await page.reload();
  await expect(editor(page)).toContainText('What to light first, and last');
  await said(page, 'Kept, not saved: shoppers read the text as it was.');

  const shopper = await context.newPage();
  const address = `${store.url}/journal/ten-lamps-for-a-long-winter`;
  expect((await shopper.goto(address))!.status()).toBe(404);
  await page.getByRole('button', { name: 'Save the text' }).click();
  await said(page, 'Shoppers read this text.');
  await page.getByText('Shown', { exact: true }).click();
  await expect(page.getByRole('link', { name: 'See it in the shop' })).toBeVisible();
  // The text is there; the shelf follows Publish.
  await expect(async () => {
    await shopper.goto(address);
    await expect(shopper.locator('.entry h2')).toHaveText('What to light first, and last', { timeout: 500 });
  }).toPass();
  await expect(shopper.locator('.entry-shelf')).toHaveCount(0);

  // Arranged as every shelf is.
  await page.getByRole('link', { name: 'Arrange this shelf' }).click();
  await expect(page.getByRole('heading', { name: 'The journal entry' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Spec' })).toContainText('newest first');
  await publishByHand(page);
  await shopper.goto(address);
  await expect(shopper.locator('.entry-shelf [data-card]').first()).toBeVisible();
  const order = await shopper
    .locator('.entry > *')
    .evaluateAll((parts) => parts.map(({ className, tagName }) => className || tagName));
  expect(order).toEqual(['H1', 'rich', 'entry-shelf']);
  // Cards stand in line, as on every shelf: nothing of the text moves them.
  const tops = await shopper
    .locator('.entry-shelf [data-card]')
    .evaluateAll((cards) => cards.slice(0, 2).map((card) => Math.round(card.getBoundingClientRect().top)));
  expect(tops[0]).toBe(tops[1]);
});

test('what was written is put back, and steps back are those of the editor', async ({ page, store }) => {
  await signIn(page, store, '/studio/arrange/home');
  await page.goto(`${store.url}/studio/catalogue/journal`);
  await page.getByRole('list', { name: 'Entries' }).getByRole('link').first().click();
  const before = await editor(page).innerText();
  await editor(page).click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' And more.');
  await expect(page.getByRole('button', { name: 'Save the text' })).toBeVisible();
  // A step back of the editor is a step back of what was typed.
  await page.keyboard.press('Control+z');
  await expect(editor(page)).toHaveText(before.replaceAll('\n', ''));
  await page.keyboard.type(' And again.');
  await page.getByRole('button', { name: 'Put back' }).press('Enter');
  await expect(editor(page)).not.toContainText('And again.');
  await said(page, 'Shoppers read this text.');
});

test('two who write the same entry lose nothing of either', async ({ page, store, browser }) => {
  await signIn(page, store, '/studio/arrange/home');
  await page.goto(`${store.url}/studio/catalogue/journal`);
  await page.getByRole('list', { name: 'Entries' }).getByRole('link').nth(1).click();
  await expect(editor(page)).toBeVisible();
  const other = await (await browser.newContext()).newPage();
  await signIn(other, store, '/studio/arrange/home');
  await other.goto(page.url());
  await expect(editor(other)).toBeVisible();
  await editor(page).click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type(' Written first.');
  await expect(page.getByText('Keeping what you write…')).toBeHidden();
  await said(page, 'Kept, not saved: shoppers read the text as it was.');
  await editor(other).click();
  await other.keyboard.press('Control+End');
  await other.keyboard.type(' Written second.');
  const asked = other.getByRole('alert').filter({ hasText: 'In another window' });
  await expect(asked).toBeVisible();
  await asked.getByRole('button', { name: 'Keep what is there' }).click();
  await expect(editor(other)).toContainText('Written first.');
  await other.context().close();
});
