import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { typeFamilies } from '../../core/text/families/index.ts';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
let category: { id: number; slug: string };

beforeAll(async () => {
  store = await smallStore();
  const { rows } = await store.database.pool.query<typeof category>(
    'SELECT id, slug FROM category WHERE parent_id IS NULL ORDER BY id LIMIT 1',
  );
  category = rows[0]!;
});
afterAll(() => store.stop());

const menuWith = (items: readonly object[]) => [
  { id: 'store-name', holds: 'storeName' },
  { id: 'store-menu', holds: 'menu', items },
  { id: 'store-own', holds: 'ownLinks' },
];
let version = 0;
/** Saves the header over what was saved of it before; of a store that was begun without one there is nothing yet. */
const saveHeader = async (bays: readonly object[]) => {
  const body = writtenDocument({ id: 'header', kind: 'header', name: 'Header', bays });
  const saved = await store.save({ key: 'page:header', version, body });
  if (saved.statusCode === 200) version += 1;
  return saved;
};
/** The links between two marks of a page, as paths. */
const linksIn = (html: string, from: string, to: string): string[] => {
  const part = html.slice(html.indexOf(from), html.indexOf(to));
  return [...part.matchAll(/href="([^"]*)"/g)].map(([, href]) => href!);
};
const headerOf = async (path: string) => {
  const answer = await store.get(path);
  return { status: answer.statusCode, links: linksIn(answer.body, '<header', '</header>') };
};

describe('header and footer of the store', () => {
  it('are on every page, and on what says that there is none', async () => {
    for (const path of [
      '/',
      '/shop',
      '/journal',
      `/category/${category.slug}`,
      '/basket',
      '/nowhere-at-all',
    ]) {
      const { links } = await headerOf(path);
      expect(links[0], path).toBe('/');
      expect(links, path).toContain('/shop');
    }
  });

  it('have no address of their own, and are in no sitemap', async () => {
    for (const path of ['/header', '/footer']) expect((await store.get(path)).statusCode, path).toBe(404);
    const { body } = await store.get('/sitemap-1.xml');
    const paths = [...body.matchAll(/<loc>([^<]*)<\/loc>/g)].map(([, loc]) => new URL(loc!).pathname);
    expect(paths.filter((path) => path === '/')).toHaveLength(1);
  });

  it('follow a category whose address changes, at once, and leave it out once it is gone', async () => {
    const saved = await saveHeader(menuWith([{ id: 'a', link: `category:${category.id}`, words: 'First' }]));
    expect(saved.statusCode, saved.body).toBe(200);
    expect((await store.publish()).statusCode).toBe(200);
    expect((await headerOf('/shop')).links).toContain(`/category/${category.slug}`);
    const rename = (slug: string) =>
      store.database.pool.query('UPDATE category SET slug = $2 WHERE id = $1', [category.id, slug]);
    await rename('moved-away');
    await expect.poll(async () => (await headerOf('/shop')).links).toContain('/category/moved-away');
    await rename(category.slug);
    await saveHeader(menuWith([{ id: 'a', link: 'category:987654', words: 'Gone' }]));
    expect((await store.publish()).statusCode).toBe(200);
    const { status, links } = await headerOf('/shop');
    expect(status).toBe(200);
    expect(links.filter((link) => link.startsWith('/category/'))).toEqual([]);
  });

  it('bring the typeface that a menu alone is set in', async () => {
    const families = async () => {
      const { body } = await store.get('/shop');
      return new Set(
        [...body.matchAll(/@font-face\{[^}]*?font-family:"?([^";}]+)/g)].map(([, name]) => name!),
      );
    };
    const before = await families();
    const family = typeFamilies.find(({ name }) => !before.has(name))!;
    const style = { storeLink: { rest: { family: family.id } } };
    const saved = await saveHeader([
      { id: 'store-menu', holds: 'menu', items: [{ id: 'a', link: '/shop', words: 'Shop' }], style },
    ]);
    expect(saved.statusCode, saved.body).toBe(200);
    expect((await store.publish()).statusCode).toBe(200);
    expect([...(await families())]).toContain(family.name);
  });

  it('take no shelf, no third level and no link that could run', async () => {
    for (const [bays, said] of [
      [[{ id: 'x', holds: 'shelf', shelfId: 'new' }], 'cannot stand in the header or the footer.'],
      [menuWith([{ id: 'a', link: 'javascript:alert(1)' }]), 'A link begins with'],
      [menuWith([{ id: 'a', words: 'A', below: [{ id: 'b' }] }]), ''],
    ] as const) {
      const refused = await saveHeader(bays);
      expect(refused.statusCode).toBe(422);
      expect(refused.body.includes(said), refused.body).toBe(true);
    }
  });
});
