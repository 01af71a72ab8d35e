import { publishByHand } from './publish.ts';
import { expect, frameAt, openLine, signIn, test } from './store.ts';

test('one display of a category has a title and a picture of its own, and every other keeps the catalogue’s', async ({
  page,
  store,
}) => {
  await signIn(page, store);
  const bays = page.getByRole('grid', { name: 'Bays of Home' });
  await bays.getByRole('row', { name: 'Shop by category' }).click();
  const phone = await frameAt(page, 'Phone');
  const cards = (root: { locator: typeof page.locator }) =>
    root.locator('.main [data-shelf="shop-by-category"] .card');
  await expect(cards(phone).first().locator('.part-title')).toHaveText('Tableware');
  const before = await cards(phone).first().locator('.part-picture img').first().getAttribute('src');

  await openLine(page, 'Shows');
  await page.getByRole('button', { name: /Own texts and pictures for$/ }).click();
  await page
    .getByRole('listbox', { name: /^Own texts/ })
    .getByRole('option', { name: 'Tableware' })
    .click();
  await page
    .getByRole('grid', { name: 'Cards with own texts and pictures' })
    .getByRole('row', { name: 'Tableware' })
    .click();
  const title = page.getByRole('textbox', { name: 'Title', exact: true });
  await title.fill('For the table');
  await expect(cards(phone).first().locator('.part-title')).toHaveText('For the table');
  await page.getByRole('textbox', { name: 'Find a picture: Picture' }).fill('jug');
  await page.getByRole('listbox', { name: 'Pictures: Picture' }).getByRole('option').first().click();
  const picture = cards(phone).first().locator('.part-picture img').first();
  await expect.poll(() => picture.getAttribute('src')).not.toBe(before);
  const src = await picture.getAttribute('src');
  await publishByHand(page);

  for (const width of [390, 1440]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(store.url);
    await expect(cards(page).first().locator('.part-title')).toHaveText('For the table');
    const shown = cards(page).first().locator('.part-picture img').first();
    expect((await shown.getAttribute('src'))!.split('/')[2]).toBe(src!.split('/')[2]);
    await expect(cards(page).first().getByRole('link')).toHaveAttribute('href', '/category/tableware');
  }
  await page.goto(`${store.url}/category/tableware`);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tableware');
});
