import { publishByHand } from './publish.ts';
import { expect, frameAt, openLine, saved, signIn, test } from './store.ts';

test('the account page is arranged, linked to from the header, and shows a shopper what this browser did', async ({
  page,
  store,
  browser,
}) => {
  await signIn(page, store, '/studio/arrange/account');
  const bays = page.getByRole('grid', { name: 'Bays of Account' });
  await expect(bays.getByRole('row')).toHaveText([/Your orders/, /Saved for later/, /Recently viewed/]);
  const laptop = await frameAt(page, 'Laptop');
  await expect(laptop.getByRole('link', { name: 'Order 1' })).toBeVisible();

  // Orders come last, under another heading.
  const first = bays.getByRole('row', { name: 'Your orders' });
  await first.focus();
  await page.keyboard.press('Alt+ArrowDown');
  await page.keyboard.press('Alt+ArrowDown');
  await expect(bays.getByRole('row')).toHaveText([/Saved for later/, /Recently viewed/, /Your orders/]);
  await first.click();
  await openLine(page, 'Look');
  const heading = page.getByRole('textbox', { name: 'Heading', exact: true });
  await heading.fill('Ordered from the kiln');
  await heading.press('Enter');
  await expect(laptop.getByRole('heading', { name: 'Ordered from the kiln' })).toBeVisible();
  await saved(page);

  await page.goto(`${store.url}/studio/arrange/header?bay=store-own`);
  await openLine(page, 'Links');
  const account = page.getByRole('switch', { name: 'Account' });
  await account.focus();
  await page.keyboard.press('Space');
  await expect((await frameAt(page, 'Laptop')).getByRole('link', { name: 'Account' })).toBeVisible();
  await publishByHand(page);

  const shopper = await (await browser.newContext()).newPage();
  for (const width of [390, 1440]) {
    await shopper.setViewportSize({ width, height: 800 });
    await shopper.goto(store.url);
    await shopper.getByRole('link', { name: 'Account', exact: true }).click();
    await expect(shopper).toHaveURL(`${store.url}/account`);
    await expect(shopper.getByRole('heading', { level: 1 })).toHaveText('Account');
    await expect(shopper.getByText(/^You have not ordered anything yet\./)).toBeVisible();
    await expect(shopper.getByRole('heading', { name: 'Saved for later' })).toHaveCount(0);
    expect(
      await shopper.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      ),
    ).toBe(0);
  }
  await shopper.context().close();
});
