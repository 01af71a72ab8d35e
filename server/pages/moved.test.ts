import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

const own = (id: string, slug: string, more: object = {}) =>
  writtenDocument({
    id,
    kind: 'own',
    name: `Page ${id}`,
    slug,
    bays: [{ id: `${id}-notice`, holds: 'notice', words: `Words of ${id}` }],
    ...more,
  });

/** Saves a page as it is to be from now on, and publishes. */
async function put(id: string, body: object): Promise<void> {
  const version = (await store.draft()).find(({ key }) => key === `page:${id}`)?.version ?? 0;
  const saved = await store.save({ key: `page:${id}`, version, body });
  expect(saved.statusCode, saved.body).toBe(200);
  const published = await store.publish();
  expect(published.statusCode, published.body).toBe(200);
}
const at = async (path: string) => {
  const { statusCode, headers, body } = await store.get(path);
  return { statusCode, location: headers.location, body };
};

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

describe('a page of the owner’s own', () => {
  it('is at its address once it is published, with its description, and asks search engines to pass it by', async () => {
    await put('sale', own('sale', 'spring'));
    const plain = await at('/page/spring');
    expect(plain.statusCode).toBe(200);
    expect(/<meta name="robots"/.test(plain.body)).toBe(false);
    await put('sale', own('sale', 'spring', { unlisted: true, description: 'Seconds at half the price' }));
    const { body } = await at('/page/spring');
    expect(body.includes('<meta name="robots" content="noindex">')).toBe(true);
    expect(body.includes('<meta name="description" content="Seconds at half the price">')).toBe(true);
  });

  it('sends on from where it was before, also after several moves, and back', async () => {
    await put('sale', own('sale', 'summer'));
    expect(await at('/page/spring')).toMatchObject({ statusCode: 301, location: '/page/summer' });
    await put('sale', own('sale', 'autumn'));
    for (const old of ['spring', 'summer'])
      expect(await at(`/page/${old}`)).toMatchObject({ statusCode: 301, location: '/page/autumn' });
    // Back where it began: no way goes round in a circle.
    await put('sale', own('sale', 'spring'));
    expect((await at('/page/spring')).statusCode).toBe(200);
    for (const old of ['summer', 'autumn'])
      expect(await at(`/page/${old}`)).toMatchObject({ statusCode: 301, location: '/page/spring' });
  });

  it('gives way to another page that is at its old address', async () => {
    await put('other', own('other', 'summer'));
    const { statusCode, body } = await at('/page/summer');
    expect(statusCode).toBe(200);
    expect(body.includes('Words of other')).toBe(true);
  });

  it('is nowhere once it is deleted, at none of its addresses, and there again when it is brought back', async () => {
    await put('sale', own('sale', 'spring', { removed: true }));
    for (const path of ['/page/spring', '/page/autumn']) expect((await at(path)).statusCode).toBe(404);
    await put('sale', own('sale', 'spring'));
    expect((await at('/page/spring')).statusCode).toBe(200);
    expect((await at('/page/autumn')).statusCode).toBe(301);
  });
});

describe('something of the catalogue', () => {
  it('sends on from its old slug, whatever it is', async () => {
    const { pool } = store.database;
    const moved = async (table: string, path: string) => {
      const { rows } = await pool.query<{ slug: string }>(`SELECT slug FROM ${table} ORDER BY id LIMIT 1`);
      const { slug } = rows[0]!;
      expect((await at(`/${path}/${slug}`)).statusCode, path).toBe(200);
      await pool.query(`UPDATE ${table} SET slug = slug || '-now' WHERE slug = $1`, [slug]);
      await expect
        .poll(async () => at(`/${path}/${slug}`), { message: path })
        .toMatchObject({ statusCode: 301, location: `/${path}/${slug}-now` });
      expect((await at(`/${path}/${slug}-now`)).statusCode, path).toBe(200);
      // One that takes the slug is there, and nobody is sent away from it.
      await pool.query(`UPDATE ${table} SET slug = $1 WHERE slug = $2`, [slug, `${slug}-now`]);
      await expect.poll(async () => (await at(`/${path}/${slug}`)).statusCode, { message: path }).toBe(200);
    };
    await moved('product', 'product');
    await moved('category', 'category');
  });

  it('is nowhere where it never was', async () => {
    expect((await at('/product/none')).statusCode).toBe(404);
    expect((await at('/page/none')).statusCode).toBe(404);
  });
});
