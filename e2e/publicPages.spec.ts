import type { Page as PageDocument } from '../core/plan/page.ts';
import { readEnhance } from '../server/pages/enhance.ts';
import { publishWith } from './publish.ts';
import { quiet } from './quiet.ts';
import { movers, shifted, watchShifts } from './shifts.ts';
import { expect, measureShelf, test } from './store.ts';
import { barriers } from './barriers.ts';

const widths = [375, 800, 1180, 1440];

test('walking the shop with the pager of any width shows every product once, in order, without script', async ({
  browser,
  store,
}) => {
  // Pages long enough that there are not too many, and of another length at each width.
  await publishWith(store, { 'shelf:shop': { amount: { rows: { phone: 30, tablet: 20, wide: 17 } } } });
  const all = await store.pool.query('SELECT count(*)::int AS count FROM product');
  for (const width of widths) {
    const context = await browser.newContext({ javaScriptEnabled: false, viewport: { width, height: 900 } });
    const page = await context.newPage();
    // What is counted is cards; their pictures and letters would only be waited for.
    const network = await context.newCDPSession(page);
    await network.send('Network.enable');
    await network.send('Network.setBlockedURLs', { urls: ['*/pictures/*', '*.woff2'] });
    await page.goto(`${store.url}/shop`);
    const seen: string[] = [];
    for (;;) {
      seen.push(
        ...(await page
          .locator('[data-shelf="shop"] .cards > .card')
          .evaluateAll((cards) =>
            cards.flatMap((card) =>
              card.getClientRects().length > 0 ? card.getAttribute('data-card')! : [],
            ),
          )),
      );
      const next = page.locator('.pager:visible a[rel="next"]');
      expect(await page.locator('.pager:visible').count()).toBe(1);
      if ((await next.count()) === 0) break;
      await page.goto(new URL((await next.getAttribute('href'))!, page.url()).href);
    }
    expect(new Set(seen).size, `at ${width}`).toBe(all.rows[0].count);
    expect(seen.length, `at ${width}`).toBe(all.rows[0].count);
    await context.close();
  }
});

test('every row but the very last is full at every width', async ({ page, store }) => {
  for (const width of [320, 375, 559, 560, 800, 879, 880, 1180, 1240, 1440, 1920, 2560]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`${store.url}/shop`);
    const { across, ids } = await measureShelf(page, 'shop');
    expect(ids.length % across, `at ${width}`).toBe(0);
  }
});

test('room is kept from the first paint on for what this shopper looked at, and none for others', async ({
  browser,
  store,
}) => {
  const { rows } = await store.pool.query(`SELECT body FROM draft_document WHERE key = 'page:home'`);
  const bays = rows[0].body.bays as PageDocument['bays'];
  const own = bays.find(({ id }) => id === 'recently-viewed')!;
  await publishWith(store, { 'page:home': { bays: [own, ...bays.filter((bay) => bay !== own)] } });
  for (const [width, looked] of [
    [375, 1],
    [800, 5],
    [1180, 9],
    [1440, 30],
    [375, 3],
    [1440, 0],
  ] as const) {
    const page = await browser.newPage({ viewport: { width, height: 800 } });
    const ids = Array.from({ length: looked }, (_, i) => 7 * i + 3);
    await page.context().addCookies([
      { name: 'remember', value: 'yes', url: store.url },
      { name: 'looked', value: ids.join('.'), url: store.url },
    ]);
    await watchShifts(page);
    // The answer is held back, so that the page is painted without it first.
    let answer = () => {};
    await page.route('**/fragment?*', async (route) => {
      await new Promise<void>((resolve) => (answer = resolve));
      await route.continue();
    });
    await page.goto(store.url, { waitUntil: 'load' });
    const place = page.locator('[data-bay="recently-viewed"]');
    const heightOf = () => place.evaluate((bay) => (bay as HTMLElement).offsetHeight);
    await page.waitForTimeout(200);
    const kept = await heightOf();
    answer();
    if (looked) await expect(place.locator('.card:visible').first()).toBeVisible();
    expect(kept > 0, `room for ${looked} at ${width}`).toBe(looked > 0);
    await page.waitForTimeout(200);
    expect(await shifted(page), `${looked} at ${width}, ${kept} px kept for ${await heightOf()}`).toBe(0);
    await page.context().close();
  }
});

test('nothing moves while a page comes in, for a new shopper and a returning one, and one small script is sent', async ({
  browser,
  store,
}) => {
  for (const [i, width] of [...widths, 375, 800].entries()) {
    const page = await browser.newPage({ viewport: { width, height: 800 } });
    if (i >= widths.length) {
      // As on a slow phone, which draws what has come in of a page while it still reads the rest.
      const slow = await page.context().newCDPSession(page);
      await slow.send('Emulation.setCPUThrottlingRate', { rate: 6 });
    }
    if (i % 2)
      await page.context().addCookies([
        { name: 'remember', value: 'yes', url: store.url },
        { name: 'looked', value: '1.2.3', url: store.url },
      ]);
    const scripts: number[] = [];
    page.on('response', async (response) => {
      if (response.request().resourceType() === 'script')
        scripts.push((await response.request().sizes()).responseBodySize);
    });
    await watchShifts(page);
    await page.goto(store.url);
    await quiet(page);
    await page.mouse.wheel(0, 3000);
    await page.waitForTimeout(300);
    expect(await shifted(page), (await movers(page)).join('\n')).toBe(0);
    expect(scripts.length).toBe(1);
    expect(scripts[0]).toBeLessThan(14 * 1024);
    await page.close();
  }
});

test('what a page fetches of its script later is small too', async () => {
  const pieces = [...readEnhance()!.files];
  expect(pieces.length).toBeGreaterThan(8);
  const sizes = await Promise.all(
    pieces.map(async ([address, packed]) => ({ address, bytes: (await packed('br')).length })),
  );
  expect(sizes.filter(({ bytes }) => bytes > 14 * 1024)).toEqual([]);
  expect(sizes.reduce((sum, { bytes }) => sum + bytes, 0)).toBeLessThan(48 * 1024);
});

test('pages meet WCAG as far as a machine can tell', async ({ page, store }) => {
  // Something is in the basket, to be changed and ordered.
  await page.goto(`${store.url}/category/vases`);
  await page.locator('form.part-basket button').first().click();
  await expect(page.getByText('Added. 1 in the basket.')).toBeVisible();
  for (const path of [
    '/',
    '/shop?shop.from=30',
    '/category/vases',
    '/product/fogbank-serving-bowl',
    '/basket',
    '/checkout',
    '/account',
    '/ask/fogbank-serving-bowl',
    '/nowhere',
  ]) {
    await page.goto(`${store.url}${path}`);
    const found = await barriers(page, ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']);
    expect(found.map(({ id, nodes }) => `${path} ${id} ${nodes[0]?.html}`)).toEqual([]);
    expect(await page.locator('h1').count(), path).toBe(1);
  }
});

test('characters that turn the direction of text turn nothing but the words they stand in', async ({
  page,
  store,
}) => {
  const RLO = '\u202e';
  await page.goto(`${store.url}/category/vases`);
  const card = page.locator('[data-card]:has(form.part-basket)').first();
  const id = Number(await card.getAttribute('data-card'));
  await store.pool.query('UPDATE product SET title = $2 WHERE id = $1', [id, `Vase ${RLO}gninrut`]);
  const slug = (await store.pool.query<{ slug: string }>('SELECT slug FROM product WHERE id = $1', [id]))
    .rows[0]!.slug;
  /** Words of others whose first letter stands after their last. */
  const turned = () =>
    page.evaluate((override) => {
      const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      const found: string[] = [];
      for (let node = texts.nextNode(); node; node = texts.nextNode()) {
        const words = node.textContent!;
        const at = words.search(/[a-z]{2}/i);
        if (at < 0 || words.includes(override)) continue;
        const left = (offset: number) => {
          const range = document.createRange();
          range.setStart(node, offset);
          range.setEnd(node, offset + 1);
          return range.getBoundingClientRect().left;
        };
        if (left(at + 1) < left(at)) found.push(words);
      }
      return found;
    }, RLO);
  await expect(async () => {
    await page.goto(`${store.url}/product/${slug}`);
    expect(await page.locator('h1').textContent()).toContain(RLO);
  }).toPass();
  expect(await turned()).toEqual([]);
  // Were such words on one line with others, it would be seen.
  await page.evaluate((override) => document.body.append(`${override}x`, document.createElement('i')), RLO);
  await page.evaluate(() => document.body.lastElementChild!.append('turned'));
  expect(await turned()).toEqual(['turned']);
  await page.getByRole('button', { name: 'Add to basket' }).click();
  for (const path of ['/category/vases', '/basket', '/checkout', `/ask/${slug}`]) {
    await page.goto(store.url + path);
    expect(await page.locator('body').textContent(), path).toContain(RLO);
    expect(await turned(), path).toEqual([]);
  }
});

test('a product can be had in another glaze by a link', async ({ page, store }) => {
  const { rows } = await store.pool.query(
    `SELECT p.slug FROM product p WHERE (SELECT count(DISTINCT option_value_id) FROM variant v JOIN variant_value ON variant_id = v.id WHERE v.product_id = p.id) > 2 LIMIT 1`,
  );
  await page.goto(`${store.url}/product/${rows[0].slug}`);
  const others = page.locator('.options a:not([aria-current])');
  const name = (await others.first().textContent())!.trim();
  await others.first().click();
  await expect(page.locator('.options a[aria-current]').filter({ hasText: name })).toHaveCount(1);
  await expect(page).toHaveURL(/variant=\d+/);
});
