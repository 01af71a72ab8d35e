import type { Page } from '@playwright/test';
import { publishByHand } from './publish.ts';
import { shifted, watchShifts } from './shifts.ts';
import { expect, frameAt, openLine, saved, signIn, test, type Store } from './store.ts';

/** A product with the most pictures, and none of its variants with one of its own. */
const pictured = async (store: Store): Promise<string> => {
  const { rows } = await store.pool.query<{ slug: string }>(
    `SELECT slug FROM product p WHERE NOT EXISTS (SELECT FROM variant v WHERE v.product_id = p.id AND picture_id IS NOT NULL)
     ORDER BY (SELECT count(*) FROM product_picture WHERE product_id = p.id) DESC, id LIMIT 1`,
  );
  return `${store.url}/product/${rows[0]!.slug}`;
};

const boxes = (page: Page) =>
  page.evaluate(() => {
    const box = (selector: string) => {
      const { x, y, width, height } = document.querySelector(selector)!.getBoundingClientRect();
      return { x, y, width, height, middle: y + height / 2 };
    };
    return { gallery: box('.gallery'), told: box('.told'), shot: box('.shots>li'), product: box('.product') };
  });

test('a shopper goes from picture to picture, and enlarges one by mouse and by keyboard', async ({
  page,
  store,
}) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await watchShifts(page);
  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto(await pictured(store));
  const links = page.locator('.shot-links a');
  await expect(links.first()).toHaveAttribute('aria-current', 'true');
  await links.nth(1).click();
  await expect(links.nth(1)).toHaveAttribute('aria-current', 'true');
  await expect(links.first()).not.toHaveAttribute('aria-current');
  expect(await page.evaluate(() => window.scrollY)).toBe(0);
  await expect(page.locator('.shots>li').nth(1)).toBeInViewport({ ratio: 0.9 });
  await links.first().click();
  await expect(links.first()).toHaveAttribute('aria-current', 'true');

  const shot = page.locator('.shots>li').first();
  const zoom = shot.getByRole('button', { name: /^Zoom, picture 1 of/ });
  const scale = () => shot.locator('img').evaluate((img) => new DOMMatrix(getComputedStyle(img).transform).a);
  const origin = () => shot.evaluate((one) => one.style.getPropertyValue('--at-x'));
  await expect(zoom).toHaveAttribute('aria-pressed', 'false');
  await zoom.focus();
  await page.keyboard.press('Space');
  await expect(zoom).toHaveAttribute('aria-pressed', 'true');
  // Still, and at once, with reduced motion.
  expect(await scale()).toBe(2);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  expect(await origin()).toBe('70%');
  for (let i = 0; i < 6; i += 1) await page.keyboard.press('ArrowRight');
  expect(await origin()).toBe('100%');
  await page.keyboard.press('Escape');
  expect(await scale()).toBe(1);
  // What is pressed is what is enlarged.
  const { width, height } = (await shot.boundingBox())!;
  await shot.locator('img').click({ position: { x: width / 4, y: height / 4 } });
  expect(await scale()).toBe(2);
  expect(Math.round(parseFloat(await origin()))).toBe(25);
  await shot.locator('img').click();
  expect(await scale()).toBe(1);
  expect(await shifted(page)).toBe(0);
});

test('pictures of a product without script: each is reached, and leads to itself in large', async ({
  browser,
  store,
}) => {
  const context = await browser.newContext({
    javaScriptEnabled: false,
    viewport: { width: 1280, height: 900 },
  });
  const page = await context.newPage();
  await page.goto(await pictured(store));
  await page.locator('.shot-links a').nth(1).click();
  await expect(page.locator('.shots>li').nth(1)).toBeInViewport({ ratio: 0.9 });
  const [first] = await Promise.all([
    page.waitForResponse(
      (answer) => /\/pictures?\//.test(answer.url()) && answer.request().isNavigationRequest(),
    ),
    page.locator('.zoom').nth(1).click(),
  ]);
  expect(first.status()).toBe(200);
  await context.close();
});

test('an owner puts the pictures at the other side, in another way and shape, with the text level with their middle', async ({
  page,
  store,
}) => {
  const url = await pictured(store);
  await signIn(page, store, '/studio/arrange/product');
  await page.getByRole('row', { name: /^The product/ }).click();
  await openLine(page, 'Pictures');
  const choose = async (name: string, option: string) => {
    await page.getByRole('button', { name: new RegExp(`^(?!Reset).*${name} on Laptop$`) }).click();
    await page.getByRole('option', { name: option, exact: true }).click();
  };
  await choose('Where pictures stand', 'After the text');
  await choose('Several pictures', 'In two columns');
  const frame = await frameAt(page, 'Laptop');
  // At once, in the frame.
  await expect
    .poll(() =>
      frame.locator('.product').evaluate((one) => {
        const at = (selector: string) => one.querySelector(selector)!.getBoundingClientRect().x;
        return at('.gallery') > at('.told');
      }),
    )
    .toBe(true);
  await page.getByText('By ratio', { exact: true }).click();
  await openLine(page, 'Shows');
  await page
    .getByRole('radiogroup', { name: 'Text beside pictures is level' })
    .getByText('With the middle')
    .click();
  await saved(page);
  await publishByHand(page);

  await page.setViewportSize({ width: 1100, height: 900 });
  await page.goto(url);
  const wide = await boxes(page);
  expect(wide.gallery.x).toBeGreaterThan(wide.told.x + wide.told.width);
  expect(Math.abs(wide.gallery.middle - wide.told.middle)).toBeLessThan(1);
  // Square, two side by side.
  expect(wide.shot.height).toBeCloseTo(wide.shot.width, 0);
  expect(wide.shot.width).toBeCloseTo((wide.gallery.width - 12) / 2, 0);
  // On a phone they are above the text still, one at a time.
  await page.setViewportSize({ width: 390, height: 844 });
  const narrow = await boxes(page);
  expect(narrow.gallery.y + narrow.gallery.height).toBeLessThanOrEqual(narrow.told.y);
  expect(narrow.shot.width).toBeCloseTo(narrow.gallery.width, 0);
  await expect(page.locator('.shot-links')).toBeVisible();
});

test('a shopper goes from product to product: in its category, and in the list that was come from', async ({
  page,
  browser,
  store,
}) => {
  await page.setViewportSize({ width: 1280, height: 900 });
  const heading = page.getByRole('heading', { level: 1 });
  const title = (locator: ReturnType<Page['locator']>) =>
    locator.getAttribute('aria-label').then((label) => label!.split(': ')[1]!);
  const nav = page.getByRole('navigation', { name: 'Previous and next product' });
  const [previous, next] = [nav.locator('[rel=prev]'), nav.locator('[rel=next]')];

  // Without having come from anywhere: all of the category, each once, to its end.
  const { rows } = await store.pool.query<{ slug: string; title: string }>(
    `SELECT slug, title FROM product WHERE category_path && ARRAY[(SELECT id FROM category WHERE name = 'Jugs and ewers')]
     ORDER BY position NULLS LAST, title_key COLLATE "C", id`,
  );
  expect(rows.length).toBeGreaterThan(3);
  await page.goto(`${store.url}/product/${rows[0]!.slug}`);
  await expect(previous).toBeHidden();
  await expect(nav.locator('.from')).toHaveText(`1 of ${rows.length} in Jugs and ewers`);
  for (const { title: name } of rows.slice(1)) {
    await next.click();
    await expect(heading).toHaveText(name);
  }
  await expect(next).toBeHidden();
  await previous.click();
  await expect(heading).toHaveText(rows.at(-2)!.title);

  // From a search that is sorted, and back to it.
  await page.goto(`${store.url}/search?q=mug&sort=price`);
  const cards = page.locator('[data-listing] .card:visible .part-title');
  const titles = await cards.allTextContents();
  await cards.nth(1).click();
  await expect(heading).toHaveText(titles[1]!);
  expect(await title(previous)).toBe(titles[0]);
  expect(await title(next)).toBe(titles[2]);
  await next.click();
  await expect(heading).toHaveText(titles[2]!);
  await nav.getByRole('link', { name: 'Search: mug' }).click();
  await expect(page).toHaveURL(/\/search\?q=mug&sort=price$/);

  // Without script, in the category.
  const context = await browser.newContext({ javaScriptEnabled: false });
  const plain = await context.newPage();
  await plain.goto(`${store.url}/product/${rows[1]!.slug}`);
  await plain.locator('.neighbours [rel=next]').click();
  await expect(plain.getByRole('heading', { level: 1 })).toHaveText(rows[2]!.title);
  await context.close();
});

test('another variant is shown where it stands, has an address of its own, and is what goes into the basket', async ({
  page,
  store,
}) => {
  const { rows } = await store.pool.query<{ slug: string; id: number }>(
    `SELECT p.slug, v.id FROM product p JOIN variant v ON v.product_id = p.id
     WHERE coalesce(v.stock, 9) > 0 AND v.id <> p.shown_variant_id AND p.in_stock
       AND (SELECT count(DISTINCT o.option_id) FROM variant one JOIN variant_value vv ON vv.variant_id = one.id
         JOIN option_value o ON o.id = vv.option_value_id WHERE one.product_id = p.id) = 1
     ORDER BY v.id LIMIT 1`,
  );
  const { slug, id } = rows[0]!;
  await store.pool.query('UPDATE variant SET price = 98700, reduced = NULL, stock = 2 WHERE id = $1', [id]);
  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto(`${store.url}/product/${slug}`);
  await page.evaluate(() => ((window as unknown as { stays: boolean }).stays = true));
  const option = page.locator(`.options a[href$="variant=${id}"]`);
  await option.focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.cost')).toHaveText('£987');
  await expect(page).toHaveURL(new RegExp(`/product/${slug}\\?variant=${id}$`));
  await expect(option).toBeFocused();
  await expect(option).toHaveAttribute('aria-current', 'true');
  await expect(page.locator('.region>[role=status]').filter({ hasText: '£987' })).toHaveText(/£987, .*2/);
  expect(await page.evaluate(() => (window as unknown as { stays?: boolean }).stays)).toBe(true);
  await expect(page.locator('head link[rel=canonical]')).toHaveAttribute(
    'href',
    new RegExp(`/product/${slug}$`),
  );
  // Zoom works on what came.
  await page.locator('.shots>li').first().locator('img').click();
  await expect(page.locator('.shots>li').first()).toHaveAttribute('data-zoomed');
  // A slow server, and the basket opened before it has answered: what was put in is there.
  await page.route('**/basket', async (route) => {
    if (route.request().method() === 'POST') await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue();
  });
  await page.getByRole('button', { name: 'Add to basket' }).first().click();
  await page
    .getByRole('link', { name: /^Basket/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/basket$/);
  await expect(page.getByText('£987').first()).toBeVisible();
  await page.unroute('**/basket');
  // The address of the variant shows it to anybody.
  await page.goto(`${store.url}/product/${slug}?variant=${id}`);
  await expect(page.locator('.cost')).toHaveText('£987');

  // The server away, the link leads on as any other.
  await page.goto(`${store.url}/product/${slug}`);
  await page.route('**/product/**', (route) =>
    route.request().resourceType() === 'fetch' ? route.abort() : route.continue(),
  );
  await option.click();
  await expect(page.locator('.cost')).toHaveText('£987');
});

test('what a product is bought by stays at the foot of a phone until its own place comes, and works there', async ({
  page,
  store,
}) => {
  const { rows } = await store.pool.query<{ slug: string }>(
    `SELECT p.slug FROM product p JOIN variant v ON v.product_id = p.id WHERE p.in_stock
     GROUP BY p.id HAVING count(*) = 1 AND bool_and(v.stock IS NULL OR v.stock > 3) ORDER BY p.id LIMIT 1`,
  );
  await page.setViewportSize({ width: 390, height: 620 });
  await page.goto(`${store.url}/product/${rows[0]!.slug}`);
  const bar = () =>
    page.evaluate(() => {
      const form = document.querySelector<HTMLElement>('.product .buy')!;
      const { top, bottom } = form.getBoundingClientRect();
      const over = document.elementFromPoint(195, Math.min(innerHeight - 4, top + 24));
      return { top, bottom, foot: innerHeight, isOver: form.contains(over) };
    });
  await page.getByRole('region', { name: 'Your choice' }).getByRole('button').last().click();
  await page.locator('.product h1').scrollIntoViewIfNeeded();
  await page.evaluate(() =>
    scrollTo(0, document.querySelector('.product h1')!.getBoundingClientRect().top + scrollY - 420),
  );
  const there = await bar();
  expect(Math.abs(there.bottom - there.foot)).toBeLessThanOrEqual(1);
  expect(there.isOver).toBe(true);
  await page.locator('.product .buy .button').click();
  await expect(page.locator('.product .basket-said')).toContainText('1');
  // Past its own place it goes with the page.
  await page.evaluate(() => scrollTo(0, document.body.scrollHeight));
  expect((await bar()).bottom).toBeLessThan(there.foot - 40);
  // From tablets on it stands where it is.
  await page.setViewportSize({ width: 800, height: 620 });
  expect(await page.locator('.product .buy').evaluate((form) => getComputedStyle(form).position)).toBe(
    'static',
  );
});

test('an owner puts the parts of the product in another order, two in a row, and leaves one out', async ({
  page,
  store,
}) => {
  const { rows } = await store.pool.query<{ slug: string; brand: string }>(
    `SELECT p.slug, b.name AS brand FROM product p JOIN brand b ON b.id = p.brand_id
     WHERE p.in_stock AND p.slug = 'samphire-pouring-jug'`,
  );
  const { slug, brand } = rows[0]!;
  const url = `${store.url}/product/${slug}`;
  await page.goto(url);
  await expect(page.locator('.told .maker')).toHaveText(brand);

  await signIn(page, store, '/studio/arrange/product');
  await page.getByRole('row', { name: /^The product/ }).click();
  await openLine(page, 'Shows');
  const list = page.getByRole('grid', { name: 'Parts of the product' });
  const row = (name: string) => list.getByRole('row', { name: new RegExp(`^(Move )?${name}`) });
  const names = () => list.locator('.name').allTextContents();
  // The stock after the price, by keys, into its row; the short description first of all, by the mouse.
  await row('Stock').click();
  while ((await names()).indexOf('Stock') > (await names()).indexOf('Price') + 1)
    await page.keyboard.press('Alt+ArrowUp');
  await page.keyboard.press('Alt+ArrowRight');
  await expect(row('Stock')).toContainText('in the row above');
  await row('Brand').click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await row('Title').click();
  await row('Short description').dragTo(row('Title'), {
    sourcePosition: { x: 10, y: 16 },
    targetPosition: { x: 60, y: 3 },
  });
  await expect.poll(async () => (await names())[0]).toBe('Short description');
  const frame = await frameAt(page, 'Laptop');
  await expect(frame.locator('.told-row:has(.cost) .stock')).toBeVisible();
  await expect(frame.locator('.told .maker')).toHaveCount(0);
  await saved(page);
  await publishByHand(page);

  await page.setViewportSize({ width: 1280, height: 900 });
  await page.goto(url);
  const told = await page.evaluate(() => {
    const box = (selector: string) => document.querySelector(`.told ${selector}`)!.getBoundingClientRect();
    const [cost, stock] = [box('.cost'), box('.stock')];
    return {
      sameRow: Math.abs(cost.y + cost.height / 2 - (stock.y + stock.height / 2)) < 1,
      after: stock.x >= cost.x + cost.width,
      shortFirst: box('.lead').y < box('h1').y,
    };
  });
  expect(told).toEqual({ sameRow: true, after: true, shortFirst: true });
  await expect(page.locator('.told .maker')).toHaveCount(0);
  expect(await page.getByRole('heading', { level: 1 }).count()).toBe(1);
});

test('how many are bought goes up and down by buttons, by the mouse and by keys, within what there is', async ({
  page,
  browser,
  store,
}) => {
  const { rows } = await store.pool.query<{ slug: string; id: number; stock: number }>(
    `SELECT p.slug, v.id, v.stock FROM product p JOIN variant v ON v.product_id = p.id
     WHERE v.stock BETWEEN 2 AND 5 ORDER BY v.id LIMIT 1`,
  );
  const { slug, id, stock } = rows[0]!;
  const url = `${store.url}/product/${slug}?variant=${id}`;
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(url);
  const field = page.getByRole('spinbutton', { name: /^Quantity of/ });
  const more = page.getByRole('button', { name: /^One more: Quantity of/ });
  const fewer = page.getByRole('button', { name: /^One fewer: Quantity of/ });
  await expect(field).toHaveValue('1');
  await fewer.click();
  await expect(field).toHaveValue('1');
  for (let i = 0; i < stock + 2; i += 1) await more.click();
  await expect(field).toHaveValue(String(stock));
  await fewer.focus();
  await page.keyboard.press('Enter');
  await expect(field).toHaveValue(String(stock - 1));
  await page.getByRole('button', { name: 'Add to basket' }).click();
  await expect(page.locator('[data-basket-count]').first()).toContainText(String(stock - 1));

  // Without script the field alone is there, and nothing that does nothing.
  const context = await browser.newContext({ javaScriptEnabled: false });
  const plain = await context.newPage();
  await plain.goto(url);
  await expect(plain.getByRole('spinbutton', { name: /^Quantity of/ })).toBeVisible();
  await expect(plain.getByRole('button', { name: /^One more/ })).toBeHidden();
  await context.close();
});
