import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

const own = (id: string, slug: string, more: object = {}) => ({
  key: `page:${id}` as const,
  version: 0,
  body: writtenDocument({
    id,
    kind: 'own',
    name: id,
    slug,
    bays: [{ id: `${id}-notice`, holds: 'notice', words: 'Hello' }],
    ...more,
  }),
});

beforeAll(async () => {
  store = await smallStore();
  const saved = await store.save(
    own('about', 'about-us'),
    own('secret', 'for-friends', { unlisted: true }),
    own('gone', 'old', { removed: true }),
  );
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

const locations = (xml: string): string[] => [...xml.matchAll(/<loc>([^<]*)<\/loc>/g)].map(([, loc]) => loc!);

describe('the sitemap', () => {
  it('is named in robots.txt, and lists every page that search engines are to know, once', async () => {
    const robots = (await store.get('/robots.txt')).body;
    const index = /^Sitemap: (\S+)$/m.exec(robots)?.[1];
    const answer = await store.get(new URL(index!).pathname);
    expect(answer.headers['content-type']).toBe('application/xml; charset=utf-8');
    const files = locations(answer.body);
    expect(files).toHaveLength(1);
    const paths = locations((await store.get(new URL(files[0]!).pathname)).body).map(
      (one) => new URL(one).pathname,
    );
    expect(new Set(paths).size).toBe(paths.length);
    expect(paths).toEqual(expect.arrayContaining(['/', '/shop', '/page/about-us', '/product/piece-1']));
    for (const kept of ['/page/for-friends', '/page/old', '/basket', '/saved', '/checkout', '/quick/piece-1'])
      expect(paths).not.toContain(kept);
    const { rows } = await store.database.pool.query<{ count: number }>(
      'SELECT count(*)::int AS count FROM product',
    );
    expect(paths.filter((path) => path.startsWith('/product/'))).toHaveLength(rows[0]!.count);
    // Whatever is listed is there.
    for (const path of paths.filter((_, i) => i % 7 === 0))
      expect((await store.get(path)).statusCode, path).toBe(200);
  });

  it('has no further parts than it says', async () => {
    for (const path of [
      '/sitemap-2.xml',
      '/sitemap-0.xml',
      '/sitemap-x.xml',
      '/sitemap-999999.xml',
      '/sitemap-1.xml.gz',
    ])
      expect((await store.get(path)).statusCode, path).toBe(404);
  });
});

describe('what a page says of itself', () => {
  const meta = (html: string, name: string): string | undefined =>
    new RegExp(`<meta property="${name}" content="([^"]*)">`).exec(html)?.[1];

  it('is what it is shared with: title, address, picture, kind', async () => {
    const product = (await store.get('/product/piece-1')).body;
    expect(meta(product, 'og:type')).toBe('product');
    expect(meta(product, 'og:title')).toBe('Piece 1');
    expect(meta(product, 'og:url')).toMatch(/^http.*\/product\/piece-1$/);
    expect(meta((await store.get('/')).body, 'og:type')).toBe('website');
    // Nobody is helped to share what is not to be found.
    expect(meta((await store.get('/page/for-friends')).body, 'og:title')).toBeUndefined();
  });

  it('has the way to it for machines, with every step but itself as an address', async () => {
    const { body } = await store.get('/product/piece-1');
    const data = [...body.matchAll(/<script type="application\/ld\+json">(.*?)<\/script>/g)].map(
      ([, json]) =>
        JSON.parse(json!) as { '@type': string; itemListElement: { name: string; item?: string }[] },
    );
    const trail = data.find((one) => one['@type'] === 'BreadcrumbList')!.itemListElement;
    expect(trail.at(-1)).toEqual({ '@type': 'ListItem', position: trail.length, name: 'Piece 1' });
    expect(trail.slice(0, -1).every(({ item }) => item?.startsWith('http'))).toBe(true);
    expect(trail.length).toBeGreaterThan(1);
  });
});
