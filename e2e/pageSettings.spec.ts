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

test('a kind of page has a style of its own, in its frames at once, and on all pages of that kind alone once published', async ({
  page,
  store,
}) => {
  await signIn(page, store, '/studio/arrange/category?bay=page');
  const laptop = await frameAt(page, 'Laptop');
  const title = (within: typeof laptop | typeof page) => within.locator('[data-card] .part-title').first();
  const drawn = (within: typeof laptop | typeof page) =>
    title(within).evaluate((one) => {
      const { fontWeight, color } = getComputedStyle(one);
      return { fontWeight, color };
    });
  const was = await drawn(laptop);
  const texts = page.getByRole('group', { name: 'Elements of the page: text of cards' });
  await texts.getByRole('button', { name: 'Title', exact: true }).click();
  const look = page.getByRole('region', { name: 'Look of Title' });
  const weight = look.getByRole('textbox', { name: 'Weight' });
  await weight.fill('800');
  await weight.press('Enter');
  await expect(title(laptop)).toHaveCSS('font-weight', '800');
  await look.getByRole('button', { name: /^Text colour:/ }).click();
  await page.getByRole('button', { name: /^Accent \d/ }).click();
  await page.keyboard.press('Escape');
  await expect(title(laptop)).not.toHaveCSS('color', was.color);
  const now = await drawn(laptop);
  await expect(page.getByText('2 set here; all else is as the house.')).toBeVisible();

  await saved(page);
  await publishByHand(page);
  const shop = await page.context().newPage();
  for (const [path, there] of [
    ['/category/vases', now],
    ['/category/tableware', now],
    ['/shop', was],
    ['/', was],
  ] as const) {
    await shop.goto(store.url + path);
    expect(await drawn(shop), path).toEqual(there);
  }

  // By keyboard: the style is the house's from then on, and one step back is the page's again.
  await page.keyboard.press('Escape');
  const whole = page.getByRole('button', { name: 'Use in the whole store' });
  await whole.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('All is as the house.')).toBeVisible();
  await expect(title(laptop)).toHaveCSS('font-weight', '800');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByText('2 set here; all else is as the house.')).toBeVisible();
});
