import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { shopperOf, variantIn } from '../specimen/shopper.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

const PLACE = '4 Quay Lane <b>\nHarbour & Sons';
const SHIPPING = 'Sent within two days.\n"Free" from £50 on.';

/** What is told of the store, published. */
async function tell(shop: object): Promise<void> {
  const { version, body } = await store.document('house');
  const saved = await store.save({ key: 'house', version, body: { ...body, shop } });
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
}
const at = async (path: string) => new JSDOM((await store.get(path)).body).window.document;

beforeAll(async () => {
  store = await smallStore();
  const saved = await store.save({
    key: 'page:write',
    version: 0,
    body: writtenDocument({
      id: 'write',
      kind: 'own',
      name: 'Write to us',
      slug: 'write',
      bays: [{ id: 'write-form', holds: 'contact' }],
    }),
  });
  expect(saved.statusCode, saved.body).toBe(200);
});
afterAll(() => store.stop());

describe('what the store says of itself', () => {
  it('is told to shoppers and to machines as it is written, and nothing where nothing is written', async () => {
    await tell({ place: PLACE, shipping: SHIPPING });
    expect((await at('/page/write')).querySelector('address')!.textContent).toBe(PLACE);
    const data = (document: Document) =>
      [...document.querySelectorAll('script[type="application/ld+json"]')]
        .map((one) => JSON.parse(one.textContent) as Record<string, unknown>)
        .find((one) => one['@type'] === 'Organization');
    expect(data(await at('/'))).toMatchObject({ address: PLACE, url: expect.stringMatching(/\/$/) });
    expect(data(await at('/shop'))).toBeUndefined();
    const shopper = shopperOf(store);
    const { id } = await variantIn(store, 5);
    await shopper.send('/basket', { variant: id, quantity: 1 });
    const said = async (path: string) =>
      new JSDOM((await shopper.get(path)).body).window.document.querySelector('.basket-shipping')
        ?.textContent;
    expect(await said('/basket')).toBe(SHIPPING);
    expect(await said('/checkout')).toBe(SHIPPING);
    await tell({});
    expect(await said('/basket')).toBeUndefined();
    expect((await at('/page/write')).querySelector('address')).toBeNull();
    expect(data(await at('/'))).not.toHaveProperty('address');
  });

  it('keeps the whole store from search engines, and gives it back', async () => {
    const robots = async () => (await store.get('/robots.txt')).body;
    const listed = async () => [...(await store.get('/sitemap.xml')).body.matchAll(/<loc>/g)].length;
    const asked = async (path: string) =>
      (await at(path)).querySelector('meta[name="robots"]')?.getAttribute('content');
    expect(await asked('/shop')).toBeUndefined();
    await tell({ listed: false });
    expect(await robots()).toBe('User-agent: *\nDisallow: /\n');
    for (const path of ['/', '/shop', '/product/piece-3']) expect(await asked(path), path).toBe('noindex');
    expect((await at('/')).querySelector('meta[property="og:title"]')).toBeNull();
    await tell({ listed: true });
    expect(await robots()).toMatch(/^Disallow: \/studio$/m);
    expect(await asked('/shop')).toBeUndefined();
    await expect.poll(listed).toBe(1);
  });

  it('is found at its public address, in all that is told to machines, and at that of the server where it has none', async () => {
    const shop = { feeds: { atom: true } };
    const here = store.server.parts.origin;
    const there = 'https://Lamps.example/';
    const told = async () => {
      const document = await at('/shop');
      const attribute = (what: string, name: string) => document.querySelector(what)?.getAttribute(name);
      return [
        attribute('link[rel="canonical"]', 'href'),
        attribute('meta[property="og:url"]', 'content'),
        /^Sitemap: (.*)$/m.exec((await store.get('/robots.txt')).body)?.[1],
        /<loc>(.*?)<\/loc>/.exec((await store.get('/sitemap.xml')).body)?.[1],
        /<loc>(.*?)<\/loc>/.exec((await store.get('/sitemap-1.xml')).body)?.[1],
        /<id>(.*?)<\/id>/.exec((await store.get('/feed/products.atom')).body)?.[1],
      ].map((address) => new URL(address ?? 'none:').origin);
    };
    await tell({ ...shop, origin: there });
    expect(new Set(await told())).toEqual(new Set(['https://lamps.example']));
    await tell(shop);
    expect(new Set(await told())).toEqual(new Set([here]));
    await tell({});
  });

  it('is in feeds of products only where each is switched on, with what shoppers can see and no more', async () => {
    const feed = (file: string) => store.get(`/feed/${file}`);
    expect((await feed('products.atom')).statusCode).toBe(404);
    await tell({ feeds: { atom: true } });
    const atom = await feed('products.atom');
    expect(atom.headers['content-type']).toBe('application/atom+xml; charset=utf-8');
    expect((await feed('products.jsonld')).statusCode).toBe(404);
    await tell({ feeds: { jsonLd: true } });
    expect((await feed('products.atom')).statusCode).toBe(404);
    const run = (sql: string) => store.database.pool.query(sql);
    await run(`UPDATE product SET on_sale_from = '2190-01-01' WHERE id = 3`);
    const read = async () =>
      (await feed('products.jsonld')).json<{
        dataFeedElement: { item: { name: string; offers?: object } }[];
      }>().dataFeedElement;
    const { rows } = await run('SELECT title FROM product WHERE id <> 3 ORDER BY id');
    expect((await read()).map(({ item }) => item.name)).toEqual(rows.map(({ title }) => title as string));
    expect((await read()).every(({ item }) => item.offers)).toBe(true);
    await run(`UPDATE product SET on_sale_from = '2020-01-01' WHERE id = 3`);
    for (const file of ['products.xml', '..%2f..%2fetc', 'constructor', '%00'])
      expect((await feed(file)).statusCode, file).toBe(404);
  });

  it('says no prices in feeds where pages say none', async () => {
    const { version, body } = await store.document('house');
    const selling = { by: 'none', prices: false };
    await store.save({
      key: 'house',
      version,
      body: { ...body, selling, shop: { feeds: { jsonLd: true } } },
    });
    expect((await store.publish()).statusCode).toBe(200);
    const read = (await store.get('/feed/products.jsonld')).body;
    expect(read.includes('"@type":"Product"')).toBe(true);
    expect(read.includes('price')).toBe(false);
  });
});
