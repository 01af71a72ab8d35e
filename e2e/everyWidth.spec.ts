import type { Page } from '@playwright/test';
import { expect, test, type Store } from './store.ts';

const WIDTHS = [320, 375, 390, 560, 768, 1024, 1280, 1920, 2560];

/** An address of every kind of page that a shopper can come to, and one that leads nowhere. */
async function addresses(store: Store): Promise<string[]> {
  const slug = async (table: string) =>
    (await store.pool.query<{ slug: string }>(`SELECT slug FROM ${table} ORDER BY length(slug) DESC LIMIT 1`))
      .rows[0]!.slug;
  return [
    '/',
    '/shop',
    `/category/${await slug('category')}`,
    `/collection/${await slug('collection')}`,
    `/product/${await slug('product')}`,
    '/journal',
    `/journal/${await slug('journal_entry')}`,
    '/nothing-here',
  ];
}

/** How far a page reaches to the side, and where what stands at its side begins, px. */
const sides = (page: Page) =>
  page.evaluate(() => {
    const root = document.documentElement;
    const begins = (selector: string) =>
      [...document.querySelectorAll(selector)]
        .filter((one) => one.getClientRects().length > 0)
        .map((one) => ({ what: selector, px: one.getBoundingClientRect().left }));
    return {
      beyond: root.scrollWidth - root.clientWidth,
      wide: root.clientWidth,
      edges: [
        '.store-name',
        '.trail ol',
        '.page-heading h1',
        '.main .bay-heading.align-start',
        '[data-bay] > .inner > [data-shelf]:not([data-moving]) .cards',
      ].flatMap(begins),
    };
  });

test('every kind of page, at every width, scrolls one way and keeps one edge', async ({ page, store }) => {
  // What is measured is room, which pictures have before they come.
  await page.route('**/pictures/**', (route) => route.abort());
  for (const address of await addresses(store)) {
    await page.goto(store.url + address);
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 900 });
      const { beyond, wide, edges } = await sides(page);
      const where = `${address} at ${width}`;
      expect(beyond, where).toBe(0);
      const [first] = edges;
      expect(first!.px, where).toBeGreaterThanOrEqual(12);
      expect(first!.px, where).toBeLessThan(wide / 2);
      for (const { what, px } of edges) expect(Math.abs(px - first!.px), `${where}: ${what}`).toBeLessThan(1);
    }
  }
});

test('what is asked at the foot of the window has room at its sides', async ({ page, store }) => {
  const { rows } = await store.pool.query<{ slug: string }>('SELECT slug FROM product LIMIT 1');
  for (const width of [320, 1280]) {
    await page.setViewportSize({ width, height: 800 });
    await page.goto(`${store.url}/product/${rows[0]!.slug}`);
    const words = page.getByRole('region', { name: 'Your choice' }).getByText('May we remember');
    expect((await words.boundingBox())!.x).toBeGreaterThanOrEqual(12);
  }
});

test('an address that leads nowhere says so under the store, with one heading and a way on', async ({
  page,
  store,
}) => {
  const answer = await page.goto(`${store.url}/nothing-here`);
  expect(answer!.status()).toBe(404);
  const heading = page.getByRole('heading', { level: 1 });
  await expect(heading).toHaveText('There is nothing at this address');
  const header = (await page.getByRole('banner').boundingBox())!;
  expect((await heading.boundingBox())!.y).toBeGreaterThan(header.y + header.height);
  await page.getByRole('link', { name: 'Browse the shop' }).click();
  await expect(page).toHaveURL(`${store.url}/shop`);
});
