import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeServer, type Server } from '../app.ts';
import { NOW, smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
let https: Server;

beforeAll(async () => {
  store = await smallStore();
  https = await makeServer({
    databaseUrl: store.database.url,
    picturesFolder: store.folder,
    clock: () => NOW,
    publicOrigin: 'https://shop.example',
    trustProxy: 1,
  });
});
afterAll(async () => {
  await https.stop();
  await store.stop();
});

describe('how a page is asked for', () => {
  const ask = (headers: Record<string, string> = {}, method: 'GET' | 'HEAD' = 'GET') =>
    store.server.app.inject({ method, url: '/shop', headers });

  it.each([
    ['br', 'br'],
    ['gzip, deflate, br', 'br'],
    ['gzip;q=0.9, br;q=0', 'gzip'],
    ['gzip;q=0, br;q=0', undefined],
    ['identity', undefined],
    ['*', 'br'],
    ['br;q=0, *', 'gzip'],
    ['deflate', undefined],
    ['brush', undefined],
    ['*;q=0', undefined],
    ['', undefined],
    ['x'.repeat(3_000), undefined],
  ])('packs it as the asking side takes it: "%.40s"', async (accepted, encoding) => {
    const plain = (await ask()).body;
    const { headers, rawPayload } = await ask({ 'accept-encoding': accepted });
    expect(headers['content-encoding']).toBe(encoding);
    const unpack =
      { br: brotliDecompressSync, gzip: gunzipSync }[String(encoding)] ?? ((body: Buffer) => body);
    expect(unpack(rawPayload).toString()).toBe(plain);
    expect(Number(headers['content-length'])).toBe(rawPayload.length);
    expect(headers.vary).toBe('accept-encoding');
  });

  it('sends nothing again to whom has it, however that is said', async () => {
    const etag = String((await ask()).headers.etag);
    for (const said of [etag, `W/${etag}`, `"other", ${etag}`, `"a" ,W/${etag},"b"`, '*']) {
      const answer = await ask({ 'if-none-match': said });
      expect(answer.statusCode, said).toBe(304);
      expect(answer.body).toBe('');
      expect(answer.headers.etag).toBe(etag);
    }
    for (const said of ['"other"', etag.slice(1, -1), `"${etag}"`, '"*"'])
      expect((await ask({ 'if-none-match': said })).statusCode, said).toBe(200);
  });

  it('tells packings apart: what one was validated with is not taken for another', async () => {
    const etags = await Promise.all(
      ['br', 'gzip', 'identity'].map(async (one) =>
        String((await ask({ 'accept-encoding': one })).headers.etag),
      ),
    );
    expect(new Set(etags).size).toBe(3);
    const [br, gzip] = etags;
    expect((await ask({ 'accept-encoding': 'gzip', 'if-none-match': br! })).statusCode).toBe(200);
    expect((await ask({ 'accept-encoding': 'gzip', 'if-none-match': gzip! })).statusCode).toBe(304);
  });

  it('sends the head alone where only that is asked for', async () => {
    const head = await ask({}, 'HEAD');
    expect(head.statusCode).toBe(200);
    expect(head.body).toBe('');
    expect(Number(head.headers['content-length'])).toBeGreaterThan(5_000);
  });

  it('validates no page that says that there is nothing', async () => {
    const answer = await store.get('/nowhere', { 'if-none-match': '*' });
    expect(answer.statusCode).toBe(404);
    expect(answer.body).toContain('There is nothing at this address');
  });
});

describe('what of an address is read', () => {
  const etagOf = async (url: string) => (await store.get(url)).headers.etag;

  it('is the same page, whatever else it says', async () => {
    const shop = await etagOf('/shop');
    for (const url of [
      '/shop/',
      '/shop?utm_source=letter',
      '/shop?home.from=4',
      '/shop?shop.from=0',
      '/shop?shop.from=-3',
      '/shop?variant=7',
      '/%73hop',
    ])
      expect(await etagOf(url), url).toBe(shop);
    const second = await etagOf('/shop?shop.from=4');
    expect(second).not.toBe(shop);
    expect(await etagOf('/shop?a=b&shop.from=4&home.from=9')).toBe(second);
    expect(await etagOf('/shop?shop.from=4&shop.from=12')).toBe(second);
  });

  it('is a page and a variant that are there: others come to those', async () => {
    const last = await etagOf('/shop?shop.from=39');
    for (const from of [40, 41, 5_000, 99_999_999])
      expect(await etagOf(`/shop?shop.from=${from}`)).toBe(last);
    const product = await etagOf('/product/piece-3');
    for (const variant of ['0', '999999', 'x', '%00']) {
      expect(await etagOf(`/product/piece-3?variant=${variant}`), variant).toBe(product);
    }
  });

  it('is not kept where it leads nowhere: one page says so for all', async () => {
    const nowhere = await etagOf('/product/none');
    const { pages, live } = store.server.parts;
    for (let i = 0; i < 20; i += 1) expect(await etagOf(`/product/none-${i}`)).toBe(nowhere);
    expect(pages.last(`${live.number()} ["/product/none-3"]`)).toBeUndefined();
    expect(pages.last(`${live.number()} nowhere`)).toBeDefined();
  });

  it('is never who is asked: a forged host is not in what is kept for all', async () => {
    const forged = await https.app.inject({
      url: '/product/piece-3',
      headers: { host: 'evil.example', 'x-forwarded-host': 'evil.example', 'x-forwarded-proto': 'http' },
    });
    const honest = await https.app.inject({ url: '/product/piece-3', headers: { host: 'shop.example' } });
    for (const { body } of [forged, honest]) {
      expect(body).not.toContain('evil.example');
      expect(body).toContain('"https://shop.example/product/piece-3"');
    }
  });
});

describe('what a page says of itself to those who search', () => {
  const headOf = (body: string) => ({
    canonical: /<link rel="canonical" href="([^"]*)">/.exec(body)?.[1],
    description: /<meta name="description" content="([^"]*)">/.exec(body)?.[1],
  });
  const read = async (url: string) => headOf((await https.app.inject({ url })).body);

  it('is one address for all that show the same, of the public origin', async () => {
    const at = 'https://shop.example';
    expect((await read('/?utm=letter')).canonical).toBe(`${at}/`);
    expect((await read('/shop/?a=b')).canonical).toBe(`${at}/shop`);
    expect((await read('/shop?shop.from=8&a=b')).canonical).toBe(`${at}/shop?shop.from=8`);
    expect((await read('/shop?shop.from=9999')).canonical).toBe(`${at}/shop?shop.from=39`);
    expect((await read('/product/piece-3?variant=3')).canonical).toBe(`${at}/product/piece-3`);
    // A page that says that there is nothing is nobody's address.
    expect((await read('/nowhere')).canonical).toBeUndefined();
  });

  it('is what it is about, cut between words, and never markup', async () => {
    const { pool } = store.database;
    await pool.query(`UPDATE category SET description = 'Some of "these" & <b>those</b>' WHERE id = 2`);
    await pool.query(
      `INSERT INTO product_text (product_id, short_text) VALUES (9, $1) ON CONFLICT (product_id) DO UPDATE SET short_text = $1`,
      [`Words ${'and more words '.repeat(30)}`],
    );
    await expect
      .poll(async () => (await read('/category/some')).description)
      .toBe('Some of &quot;these&quot; &amp; &lt;b&gt;those&lt;/b&gt;');
    await expect
      .poll(async () => (await read('/product/piece-9')).description ?? '')
      .toMatch(/^Words and more.* \w+…$/);
    expect((await read('/product/piece-9')).description!.length).toBeLessThanOrEqual(160);
    expect((await read('/product/piece-11')).description).toBeUndefined();
  });
});

describe('headers of every answer', () => {
  const urls = [
    '/shop',
    '/nowhere',
    '/health',
    '/api/session',
    '/api/nowhere',
    '/robots.txt',
    '/studio/frame',
  ];

  it.each(urls)('%s: keep a browser from what it does not want', async (url) => {
    const { headers } = await https.app.inject({ url });
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'x-frame-options': 'SAMEORIGIN',
      'cross-origin-opener-policy': 'same-origin',
    });
    expect(headers['strict-transport-security']).toMatch(/max-age=\d{8}/);
    expect(headers).not.toHaveProperty('x-powered-by');
    expect((await store.get(url)).headers).not.toHaveProperty('strict-transport-security');
  });

  it('keep the referrer policy that forms need, and a style sheet named by its hash', async () => {
    const { headers } = await https.app.inject({ url: '/shop' });
    expect(headers['referrer-policy']).toBe('strict-origin-when-cross-origin');
    expect(headers['content-security-policy']).toMatch(/style-src 'sha256-[A-Za-z0-9+/=]{44}'/);
  });

  it('let a session go over TLS only, where the store is seen so', async () => {
    const signIn = (server: Server) =>
      server.app.inject({
        method: 'POST',
        url: '/api/session',
        payload: { email: 'owner@specimen.example', password: 'wheel and kiln' },
      });
    expect(String((await signIn(https)).headers['set-cookie'])).toMatch(/Secure/);
    expect(String((await signIn(store.server)).headers['set-cookie'])).not.toMatch(/Secure/);
  });
});
