import { publishByHand } from './publish.ts';
import { expect, frameAt, openLine, saved, signIn, test } from './store.ts';

test('a page says what it is about, on a panel of its own width, without a breadcrumb, and shoppers see it so', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/category?bay=page');
  const laptop = await frameAt(page, 'Laptop');
  await expect(laptop.locator('.trail')).toHaveCount(1);
  const flip = async (name: string) => {
    const one = page.getByRole('switch', { name, exact: true });
    await one.focus();
    await page.keyboard.press('Space');
  };
  await flip('Breadcrumb');
  await expect(laptop.locator('.trail')).toHaveCount(0);
  await flip('Framed panel');
  await page.getByRole('radiogroup', { name: 'Content width' }).getByText('Custom').click();
  const most = page.getByRole('textbox', { name: /^Custom content width/ });
  await most.fill('700');
  await most.press('Enter');
  const widthOf = () => laptop.locator('.main').evaluate((main) => main.getBoundingClientRect().width);
  await expect.poll(widthOf).toBe(700 + 2 * 32);

  // A header for every category: its name, its picture, and a description where it has one.
  await page.getByRole('button', { name: 'Add above Products of the category' }).click();
  const library = page.getByRole('region', { name: 'Library of bays' });
  await library.getByLabel('Find a bay').fill('page header');
  await library.getByRole('row', { name: /^Page header,/ }).click();
  await expect(laptop.locator('.banner h1')).toHaveText('Tableware');
  await expect(laptop.locator('.banner img')).toHaveCount(1);
  await openLine(page, 'Picture');
  await flip('The picture of what the page is about');
  await expect(laptop.locator('.banner img')).toHaveCount(0);
  await flip('The picture of what the page is about');
  await expect(laptop.locator('.banner img')).toHaveCount(1);
  await saved(page);
  await publishByHand(page);

  const shop = await page.context().newPage();
  for (const [slug, name] of [
    ['tableware', 'Tableware'],
    ['vases', 'Vases'],
  ] as const)
    for (const width of [390, 1440]) {
      await shop.setViewportSize({ width, height: 900 });
      await shop.goto(`${store.url}/category/${slug}`);
      await expect(shop.getByRole('heading', { level: 1 })).toHaveText(name);
      await expect(shop.locator('.trail')).toHaveCount(0);
      const box = (await shop.locator('.main').boundingBox())!;
      expect(Math.round(box.width)).toBe(width === 390 ? 390 : 764);
      expect(Math.round(box.x)).toBe(width === 390 ? 0 : (1440 - 764) / 2);
      // The header and what stands in it are as wide as on every page.
      if (width === 1440) expect((await shop.locator('.store .rows').boundingBox())!.width).toBe(1200);
      expect(await shop.evaluate(() => document.documentElement.scrollWidth)).toBe(width);
    }
});

test('the heading of a page is hidden, is still read aloud, and comes back in the middle', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/shop?bay=page');
  const laptop = await frameAt(page, 'Laptop');
  const heading = laptop.locator('h1');
  const height = async () => (await heading.boundingBox())!.height;
  expect(await height()).toBeGreaterThan(4);
  const shown = page.getByRole('switch', { name: 'Heading', exact: true });
  await shown.focus();
  await page.keyboard.press('Space');
  await expect(laptop.locator('.page-heading')).toHaveCount(0);
  await expect(laptop.getByRole('heading', { level: 1, name: 'Shop' })).toHaveCount(1);
  // Its alignment would have no effect now.
  const alignment = page.getByRole('radiogroup', { name: 'Heading alignment' });
  await expect(alignment).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await alignment.getByText('Middle').click();
  await expect(laptop.locator('.page-heading')).toHaveCSS('text-align', 'center');
});
