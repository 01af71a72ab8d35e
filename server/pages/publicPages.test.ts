import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeServer } from '../app.ts';
import { NOW, smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

describe('public pages', () => {
  it('are sent with an ETag, and not again to whom has them', async () => {
    const first = await store.get('/shop');
    const again = await store.get('/shop', { 'if-none-match': String(first.headers.etag) });
    expect(first.statusCode).toBe(200);
    expect(again.statusCode).toBe(304);
    expect(again.body).toBe('');
  });

  it('show a price at once where the catalogue changed, though nothing was published', async () => {
    expect((await store.get('/product/piece-3')).body).toContain('£10.03');
    await store.database.pool.query('UPDATE variant SET price = 7700 WHERE product_id = 3');
    await expect.poll(async () => (await store.get('/product/piece-3')).body).toContain('£77');
  });

  it('stay harmless whatever the address asks for', async () => {
    for (const query of [
      'shop.from=-1',
      'shop.from=1e9',
      'shop.from=abc',
      'shop.from=1&shop.from=2',
      'shop.from=999999999',
      `shop.from=${'9'.repeat(900)}`,
      '%00=%ff',
      'shop.from=%3Cscript%3E',
    ]) {
      const answer = await store.get(`/shop?${query}`);
      expect(answer.statusCode, query).toBe(200);
      expect(answer.body, query).not.toContain('<script>');
      expect(answer.body, query).toContain('data-card=');
    }
    // What no page reads is passed over, however long it is.
    expect((await store.get(`/shop?${'a'.repeat(5000)}`)).statusCode).toBe(200);
  });

  it('help where there is nothing, with 404', async () => {
    for (const url of [
      '/nowhere',
      '/product/none',
      '/category/none',
      '/pictures/abc/320.webp',
      '/product/%F0%28',
      '/product/%00',
      '/category/a%00b?shop.from=%00',
      `/product/${'long-'.repeat(56)}`,
      `/product/${'long-'.repeat(1200)}`,
    ]) {
      const answer = await store.get(url);
      expect(answer.statusCode, url).toBe(404);
      expect(answer.body, url).toContain('There is nothing at this address');
    }
    expect((await store.get('/api/nowhere')).json()).toMatchObject({ code: 'not-found' });
  });

  it('show markup in titles as words', async () => {
    await store.database.pool.query(
      `UPDATE product SET title = '</script><script>alert(1)</script><b>x' WHERE id = 4`,
    );
    await expect
      .poll(async () => (await store.get('/product/piece-4')).body)
      .toContain('&lt;script&gt;alert(1)');
    const { body, headers } = await store.get('/product/piece-4');
    expect(body).not.toContain('<script>alert');
    expect(body).not.toContain('</script><script>');
    expect(headers['content-security-policy']).not.toContain('unsafe');
    expect(headers['content-security-policy']).toContain("default-src 'none'");
  });

  it('link the pages of a list with rel, each at its own size', async () => {
    const { body } = await store.get('/shop?shop.from=4');
    expect(body).toMatch(/rel="prev"[^>]*href="\/shop#shelf-shop"/);
    expect(body).toMatch(/rel="next"/);
    expect(new Set(body.match(/data-size="\d+"/g))).toEqual(
      new Set(['data-size="4"', 'data-size="6"', 'data-size="8"']),
    );
  });

  it('hold data for machines: the product, and the items of a list', async () => {
    const dataOf = async (url: string) =>
      [...(await store.get(url)).body.matchAll(/<script type="application\/ld\+json">(.*?)<\/script>/g)].map(
        ([, json]) => JSON.parse(json!) as Record<string, unknown>,
      );
    expect(await dataOf('/product/piece-5')).toContainEqual(
      expect.objectContaining({
        '@type': 'Product',
        name: 'Piece 5',
        offers: expect.objectContaining({ price: '10.05', priceCurrency: 'GBP' }),
      }),
    );
    // It counts as its cards do, and leads to products that are there.
    const [list] = await dataOf('/shop?shop.from=4');
    const items = list!.itemListElement as { position: number; url: string }[];
    expect(list).toMatchObject({ '@type': 'ItemList', numberOfItems: 40 });
    const places = [...(await store.get('/shop?shop.from=4')).body.matchAll(/data-place="(\d+)"/g)];
    expect(items.map(({ position }) => position - 1)).toEqual(places.map(([, place]) => Number(place)));
    expect(items.length).toBeGreaterThan(3);
    // The home page shows lists and is none, and every byte of it comes first.
    const types = (await dataOf('/')).map((one) => one['@type']);
    expect(types).toContain('Organization');
    expect(types).not.toContain('ItemList');
    for (const { url } of items) {
      const page = await store.get(new URL(url).pathname);
      expect(page.statusCode, url).toBe(200);
      expect(page.body).toContain(`data-product="${url.split('-').at(-1)}"`);
    }
  });

  it('say what programs may read', async () => {
    const { body, headers, statusCode } = await store.get('/robots.txt');
    expect(statusCode).toBe(200);
    expect(headers['content-type']).toContain('text/plain');
    expect(body).toMatch(/^User-agent: \*$/m);
    expect(body).toMatch(/^Disallow: \/studio$/m);
    expect(body).not.toMatch(/^Disallow: \/$/m);
  });

  it('say how the server is', async () => {
    expect((await store.get('/health')).json()).toEqual({
      status: 'ok',
      release: 1,
      database: 'answers',
    });
  });

  it('stay as they were published where the draft and those who arrange are gone', async () => {
    const { database, folder } = store;
    const plain = (body: string) => body.replaceAll(/nonce="[^"]*"/g, '');
    const before = await store.get('/shop');
    await database.pool.query('DELETE FROM draft_document');
    await database.pool.query('DELETE FROM account');
    // One that has kept nothing of what was asked before.
    const other = await makeServer({
      databaseUrl: database.url,
      picturesFolder: folder,
      clock: () => NOW,
      signInTries: 1,
    });
    const after = await other.app.inject({ url: '/shop' });
    await other.stop();
    expect(after.statusCode).toBe(200);
    expect(plain(after.body)).toBe(plain(before.body));
  });
});
