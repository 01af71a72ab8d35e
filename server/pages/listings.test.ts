import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

const FILTERS = [
  'category',
  'price',
  'option.1',
  'option.2',
  'stock',
  'brand',
  'tag',
  'reduced',
  'rating',
  'field.made',
  'measure.height',
];
const tools = (more: object = {}) => ({
  count: { phone: true },
  sort: { phone: true },
  search: { phone: true },
  filters: FILTERS.map((id) => ({ id })),
  ...more,
});

beforeAll(async () => {
  store = await smallStore(60);
  const { pool } = store.database;
  await pool.query(`INSERT INTO brand (id, slug, name) VALUES (1, 'ada', 'Ada'), (2, 'bo', 'Bo & Sons')`);
  await pool.query(`INSERT INTO option (id, name) VALUES (1, 'Glaze'), (2, 'Size')`);
  await pool.query(
    `INSERT INTO option_value (id, option_id, name, colour) VALUES (1, 1, 'Fog', '#8899aa'), (2, 1, 'Ash', '#ccccbb'), (3, 2, 'Small', NULL), (4, 2, 'Large', NULL)`,
  );
  await pool.query(
    `INSERT INTO field (id, name, type, unit, position) VALUES ('made', 'Made', 'text', '', 1), ('height', 'Height', 'number', 'cm', 2)`,
  );
  await pool.query(
    `UPDATE product SET brand_id = 1 + id % 2, rating_count = id % 4, rating_sum = (id % 4) * (1 + id % 5),
       fields = jsonb_build_object('made', CASE id % 3 WHEN 0 THEN 'thrown' ELSE 'cast "by hand"' END, 'height', id % 7 + 0.5)`,
  );
  await pool.query(
    `INSERT INTO product_text (product_id, words) SELECT id, string_to_array(title_key, ' ') FROM product
     ON CONFLICT (product_id) DO UPDATE SET words = excluded.words`,
  );
  await pool.query(`INSERT INTO product_tag SELECT id, 'gift & co' FROM product WHERE id % 5 < 2`);
  await pool.query(`INSERT INTO variant_value SELECT id, 1 + product_id % 2 FROM variant`);
  await pool.query(`UPDATE variant SET reduced = price - 100 WHERE product_id % 6 = 0`);
  await pool.query(
    `INSERT INTO variant (product_id, position, price, stock) SELECT id, 1, 3000 + id, id % 3 FROM product WHERE id % 3 < 2`,
  );
  await pool.query(`INSERT INTO variant_value SELECT id, 3 + product_id % 2 FROM variant`);
  await pool.query(`INSERT INTO variant_value SELECT id, 2 - product_id % 2 FROM variant WHERE position = 1`);
  const [shop, category, home] = await Promise.all(
    ['shelf:shop', 'shelf:category', 'shelf:home'].map((key) => store.document(key)),
  );
  const withTools = ({ key, version, body }: NonNullable<typeof shop>, more: object = {}) => ({
    key,
    version,
    body: writtenDocument({
      ...body,
      tools: tools(more),
      amount: { by: 'items', items: { phone: 8 } },
    } as never),
  });
  const page = await store.document('page:category');
  const below = {
    key: 'shelf:below',
    version: 0,
    body: writtenDocument({
      id: 'below',
      name: 'Below',
      assortment: { of: 'categories', choose: { from: 'around' } },
    }),
  } as const;
  const bays = [{ id: 'below', holds: 'shelf', shelfId: 'below' }, ...(page.body.bays as object[])];
  const saved = await store.save(
    below,
    { ...page, body: writtenDocument({ ...page.body, bays } as never) },
    withTools(shop!, { views: { phone: true }, dense: { phone: true } }),
    withTools(category!, { sorts: ['name', 'price-down'] }),
    withTools(home!, { filters: [{ id: 'brand', words: 'Maker' }], search: { phone: false } }),
  );
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

interface Read {
  found: number;
  values: { href: string; count: number; name: string }[];
  chips: { name: string; href: string }[];
  cards: string[];
  canonical: string | undefined;
  document: Document;
}

async function read(url: string): Promise<Read> {
  const { body, statusCode } = await store.get(url.split('#')[0]!);
  expect(statusCode, url).toBe(200);
  const { document } = new JSDOM(body).window;
  const all = <E extends Element>(selector: string) => [...document.querySelectorAll<E>(selector)];
  return {
    found: Number(document.querySelector('.tool-count')!.textContent.split(' ')[0]),
    values: all<HTMLAnchorElement>('a.filter-value[data-count]').map((link) => ({
      href: link.getAttribute('href')!,
      count: Number(link.dataset.count),
      name: link.getAttribute('aria-label')!,
    })),
    chips: all<HTMLAnchorElement>('.chip').map((link) => ({
      name: link.textContent,
      href: link.getAttribute('href')!,
    })),
    cards: all('[data-shelf] .card .part-title').map((title) => title.textContent),
    canonical:
      document.querySelector<HTMLLinkElement>('link[rel=canonical]')?.getAttribute('href') ?? undefined,
    document,
  };
}

describe('a list that is narrowed by its address', () => {
  it('has, after following any value, exactly as many as stood beside it; two steps deep', async () => {
    const start = await read('/shop');
    expect(start.found).toBe(60);
    expect(start.values.length).toBeGreaterThan(12);
    for (const [i, value] of start.values.entries()) {
      const after = await read(value.href);
      expect(after.found, value.name).toBe(value.count);
      // Every third way is followed on, each time by another value.
      for (const next of after.values.filter((_, j) => (i + j) % 3 === 0)) {
        const further = await read(next.href);
        expect(further.found, `${value.name}, then ${next.name}`).toBe(next.count);
      }
    }
  }, 60_000);

  it('is the whole list again once everything is taken off, in whatever order', async () => {
    const { chips, found } = await read('/shop?brand=ada&glaze=fog&price=-20&q=piece&tag=gift+%26+co');
    expect(chips.map(({ name }) => name)).toEqual(['Up to £20', 'Fog', 'Ada', 'gift & co', '“piece”']);
    expect(found).toBeLessThan(60);
    for (const first of [0, 2, 4]) {
      let now = await read(chips[first]!.href);
      while (now.chips.length > 0) now = await read(now.chips.at(-1)!.href);
      expect(now.found).toBe(60);
      expect(now.document.querySelector('.remove-all')).toBeNull();
    }
  });

  it('is the same however its address is written', async () => {
    const canonical = await store.get('/shop?brand=ada&glaze=ash&glaze=fog&price=12-25&sort=price');
    for (const other of [
      '/shop?sort=price&price=25-12&glaze=fog&glaze=ash&brand=ada',
      '/shop?price.most=25&price.least=12&price=nonsense&brand=ada&brand=ada&brand=gone&glaze=fog&glaze=red&glaze=ash&sort=price',
      '/shop?utm_source=letter&brand=ada&glaze=ash&glaze=fog&price=12-25&sort=gone&sort=price&shop.from=0',
    ]) {
      const { body, headers } = await store.get(other);
      expect(headers.etag, other).toBe(canonical.headers.etag);
      expect(body).toBe(canonical.body);
    }
  });

  it('holds glaze, price and stock of one and the same variant', async () => {
    const dear = await read('/shop?glaze=fog&price=30-&in-stock=yes');
    const { rows } = await store.database.pool.query<{ title: string }>(
      `SELECT p.title FROM product p WHERE EXISTS (SELECT FROM variant v JOIN variant_value vv ON vv.variant_id = v.id
         WHERE v.product_id = p.id AND vv.option_value_id = 1 AND coalesce(v.reduced, v.price) >= 3000 AND v.stock > 0)`,
    );
    expect(rows.length).toBeGreaterThan(3);
    expect(dear.found).toBe(rows.length);
    expect(rows.map(({ title }) => title)).toEqual(expect.arrayContaining(dear.cards));
  });

  it('is sorted, paged and searched together, and pages keep what is chosen', async () => {
    const sorted = await read('/shop?brand=ada&sort=price-down');
    const ids = sorted.cards.map((title) => Number(title.split(' ')[1]));
    expect(ids.length).toBeGreaterThan(4);
    const next = sorted.document.querySelector('.pager a[rel=next]')!.getAttribute('href')!;
    expect(next.split('#')[0]).toBe('/shop?brand=ada&shop.from=8&sort=price-down');
    const further = await read(next);
    expect(further.found).toBe(sorted.found);
    expect(further.cards.filter((title) => sorted.cards.includes(title))).toEqual([]);
    const one = await read('/shop?q=PIECE+7&sort=name');
    expect(one.cards[0]).toBe('Piece 7');
    expect(one.document.querySelector<HTMLInputElement>('.tool-search input[name=q]')!.value).toBe('PIECE 7');
  });

  it('says what is the one address of it', async () => {
    const path = async (url: string) => new URL((await read(url)).canonical!).pathname;
    expect(await path('/shop?category=some')).toBe('/category/some');
    expect(await path('/shop?category=some&brand=ada')).toBe('/shop');
    expect((await read('/shop?brand=ada&shop.from=8')).canonical).toMatch(/\/shop$/);
    expect((await read('/shop?shop.from=8')).canonical).toMatch(/\/shop\?shop\.from=8$/);
    expect(await path('/category/all?brand=ada')).toBe('/category/all');
  });

  it('offers on a category page what is below it, and the ways to sort that it is set to', async () => {
    const { document, values } = await read('/category/all');
    const names = values.map(({ name }) => name);
    expect(names).toContain('Some, 30');
    expect(names.some((name) => name.startsWith('All,'))).toBe(false);
    expect([...document.querySelectorAll('.tool-sort option')].map((one) => one.textContent)).toEqual([
      'Recommended',
      'Name',
      'Price, highest first',
    ]);
    // Price, lowest first, is withheld here.
    expect((await store.get('/category/all?sort=price')).headers.etag).toBe(
      (await store.get('/category/all')).headers.etag,
    );
  });

  it('shows what is below its category as well, in a layout of its own, and nothing where there is nothing', async () => {
    const cards = ({ document }: Read) =>
      [...document.querySelectorAll('[data-shelf=below] .card .part-title')].map((one) => one.textContent);
    expect(cards(await read('/category/all'))).toEqual(['Some']);
    // What is narrowed is the list of products alone.
    expect(cards(await read('/category/all?brand=ada'))).toEqual(['Some']);
    expect((await read('/category/some')).document.querySelector('[data-bay=below]')).toBeNull();
  });

  it('has names of its own for what is chosen, where the page is no list', async () => {
    const { document, values } = await read('/');
    expect(document.querySelector('.filter-name')!.textContent).toBe('Maker');
    const ada = values.find(({ name }) => name.startsWith('Ada'))!;
    expect(ada.href.split('#')[0]).toBe('/?home.brand=ada');
    expect((await read(ada.href)).found).toBe(ada.count);
    expect((await store.get('/?brand=ada&home.q=x')).headers.etag).toBe((await store.get('/')).headers.etag);
  });

  it('is shown as a list or a grid as its address says, whatever else is chosen', async () => {
    const asGrid = await read('/shop?brand=ada');
    const link = (of: Read, name: string) =>
      [...of.document.querySelectorAll<HTMLAnchorElement>('.tool-view')].find(
        (one) => one.textContent === name,
      )!;
    expect(link(asGrid, 'Grid').getAttribute('aria-current')).toBe('true');
    const asList = await read(link(asGrid, 'List').getAttribute('href')!);
    expect(link(asList, 'List').getAttribute('aria-current')).toBe('true');
    expect(asList.cards.slice(0, 4)).toEqual(asGrid.cards.slice(0, 4));
    expect(asList.chips.map(({ name }) => name)).toEqual(['Ada']);
    // What is arranged needs no saying.
    expect(link(asList, 'Grid').getAttribute('href')).not.toContain('view=');
    const plain = (await store.get('/shop?brand=ada')).headers.etag;
    for (const view of ['carousel', 'masonry', 'gone', ''])
      expect((await store.get(`/shop?brand=ada&view=${view}`)).headers.etag, view).toBe(plain);
    // Where there is no switch, nothing is switched.
    expect((await store.get('/category/all?view=list')).headers.etag).toBe(
      (await store.get('/category/all')).headers.etag,
    );
  });

  it('shows more at once where its address says so, and no list does that does not offer it', async () => {
    const [roomy, dense] = [await store.get('/shop'), await store.get('/shop?density=dense')];
    const counts = (body: string) => [...body.matchAll(/repeat\((\d+),/g)].map(([, count]) => Number(count));
    expect(Math.max(...counts(dense.body))).toBeGreaterThan(Math.max(...counts(roomy.body)));
    for (const url of ['/shop?density=crowded', '/shop?density='])
      expect((await store.get(url)).headers.etag, url).toBe(roomy.headers.etag);
    expect((await store.get('/category/all?density=dense')).headers.etag).toBe(
      (await store.get('/category/all')).headers.etag,
    );
    const brand = (await read('/shop?density=dense')).values.find(({ href }) => href.includes('brand='))!;
    expect(brand.href).toContain('density=dense');
  });

  it('says that nothing matches, and how to go on, instead of going away', async () => {
    const { found, document, chips } = await read('/shop?q=nothing-like-it&brand=ada');
    expect(found).toBe(0);
    expect(document.querySelector('.nothing-matches')!.textContent).toMatch(/Nothing in this list/);
    expect(chips).toHaveLength(2);
    expect(document.querySelectorAll('.card')).toHaveLength(0);
  });

  it('offers tags by what they are called, at the addresses that they had', async () => {
    const { pool } = store.database;
    const url = '/shop?tag=gift+%26+co';
    const before = await read(url);
    expect(before.found).toBeGreaterThan(0);
    expect(before.chips.map(({ name }) => name)).toEqual([expect.stringContaining('gift & co')]);
    await pool.query(`UPDATE tag SET name = 'Presents' WHERE id = 'gift & co'`);
    await vi.waitFor(async () => {
      const { chips, found } = await read(url);
      expect(chips.map(({ name }) => name)).toEqual([expect.stringContaining('Presents')]);
      expect(found).toBe(before.found);
    }, 5_000);
    const { values } = await read('/shop');
    expect(values.find(({ name }) => name.startsWith('Presents'))!.href.split('#')[0]).toBe(
      '/shop?tag=gift%20%26%20co',
    );
    await pool.query(`UPDATE tag SET name = id`);
    await vi.waitFor(async () => expect((await read(url)).chips[0]!.name).toContain('gift & co'), 5_000);
  });

  it('is made anew when a variant that no card shows is sold out', async () => {
    const before = await read('/shop?price=30-&in-stock=yes');
    const title = before.cards[0]!;
    await store.database.pool.query(
      `UPDATE variant v SET stock = 0 FROM product p WHERE p.id = v.product_id AND p.title = $1 AND v.position = 1`,
      [title],
    );
    await vi.waitFor(async () => {
      const { found, cards } = await read('/shop?price=30-&in-stock=yes');
      expect(found).toBe(before.found - 1);
      expect(cards).not.toContain(title);
    }, 5_000);
  });

  it('takes any address at all without a fault, and in bounded time', async () => {
    const long = 'x'.repeat(10_000);
    const odd = [
      '',
      '-',
      '--',
      '0',
      '-1',
      '1e999',
      'NaN',
      '%00',
      '%F0%9F%8F%BA',
      '%D7%A9%D7%9C%D7%95%D7%9D',
      "';--",
      '<b>',
      '%25',
      long.slice(0, 3_000),
    ];
    const names = [
      'category',
      'price',
      'price.least',
      'price.most',
      'glaze',
      'in-stock',
      'rating',
      'brand',
      'tag',
      'reduced',
      'made',
      'height',
      'sort',
      'q',
      'shop.from',
      '__proto__',
      'constructor',
    ];
    for (const name of names)
      for (const value of odd) {
        const { statusCode } = await store.get(`/shop?${name}=${value}`);
        expect(statusCode, `${name}=${value.slice(0, 20)}`).toBe(200);
      }
    const many = Array.from({ length: 800 }, (_, i) => `glaze=g${i}&tag=t${i}`).join('&');
    const start = performance.now();
    expect((await store.get(`/shop?${many}`)).statusCode).toBeLessThan(500);
    expect(performance.now() - start).toBeLessThan(5_000);
    expect((await store.get('/shop?shop.from=999999&brand=bo')).statusCode).toBe(200);
  }, 60_000);
});

describe('a list with tools in the studio', () => {
  it('is answered with what its filters would make of it', async () => {
    const body = (filters?: string[]) => ({
      assortment: { of: 'products' },
      fallbacks: [],
      without: [],
      seenBy: { category: null, collection: null, product: null, lookedAt: [] },
      start: 0,
      count: 4,
      ...(filters && { filters }),
    });
    const plain = await store.owner.ask('POST', '/api/items', body());
    expect(plain.json()).not.toHaveProperty('facets');
    const answer = await store.owner.ask(
      'POST',
      '/api/items',
      body(['brand', 'option.1', 'option.99', 'gone', 'field.none']),
    );
    const { facets, total } = answer.json<{
      facets: { parameter: string; values: { name: string; count: number }[] }[];
      total: number;
    }>();
    expect(facets.map(({ parameter }) => parameter)).toEqual(['brand', 'glaze']);
    expect(facets[0]!.values.map(({ name }) => name)).toEqual(['Ada', 'Bo & Sons']);
    expect(facets[0]!.values.reduce((sum, { count }) => sum + count, 0)).toBe(total);
  });

  it('refuses filters that there cannot be, and saves nothing of them', async () => {
    const shop = await store.document('shelf:shop');
    const withFilters = (filters: unknown) =>
      store.save({
        key: shop.key,
        version: shop.version,
        body: writtenDocument({ ...shop.body, tools: { filters } } as never),
      });
    for (const filters of [
      [{ id: 'gone' }],
      [{ id: 'option.' }],
      [{ id: 'option.x' }],
      [{ id: 'brand' }, { id: 'brand' }],
      [{ id: 'brand', words: 'x'.repeat(41) }],
      [{}],
      'brand',
      Array.from({ length: 25 }, (_, i) => ({ id: `option.${i + 1}` })),
    ]) {
      const { statusCode } = await withFilters(filters);
      expect(statusCode, JSON.stringify(filters).slice(0, 60)).toBe(422);
    }
    expect((await store.document('shelf:shop')).version).toBe(shop.version);
  });
});
