import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;
let one: { id: number; slug: string };
let other: { id: number; slug: string };

beforeAll(async () => {
  store = await smallStore();
  const { rows } = await store.database.pool.query<typeof one>(
    'SELECT id, slug FROM category ORDER BY id LIMIT 2',
  );
  [one, other] = rows as [typeof one, typeof other];
  const saved = await store.save(
    {
      key: 'page:for-one',
      version: 0,
      body: writtenDocument({
        id: 'for-one',
        kind: 'category',
        name: 'Category: one',
        about: one.id,
        description: 'Only this one',
        bays: [
          { id: 'one-notice', holds: 'notice', words: 'For this category alone' },
          { id: 'one-list', holds: 'shelf', shelfId: 'one-list' },
        ],
      }),
    },
    {
      key: 'shelf:one-list',
      version: 0,
      body: writtenDocument({
        id: 'one-list',
        name: 'One list',
        assortment: { of: 'products', order: { by: 'position' } },
        amount: { by: 'items', items: { phone: 4 } },
        paging: { by: 'numbered' },
      } as never),
    },
  );
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

const baysOf = (html: string) => [...html.matchAll(/data-bay="([^"]*)"/g)].map(([, id]) => id!);

describe('a category that is arranged separately', () => {
  it('is so at its own address alone, with its own description', async () => {
    const own = await store.get(`/category/${one.slug}`);
    expect(own.statusCode).toBe(200);
    expect(baysOf(own.body)).toContain('one-notice');
    expect(/<meta name="description" content="Only this one"/.test(own.body)).toBe(true);
    const usual = await store.get(`/category/${other.slug}`);
    expect(usual.statusCode).toBe(200);
    expect(baysOf(usual.body)).not.toContain('one-notice');
    expect(baysOf(usual.body).length).toBeGreaterThan(0);
  });

  it('has pages of its own list, and drops those of the list that the others have', async () => {
    const second = await store.get(`/category/${one.slug}?one-list.from=4`);
    expect(second.statusCode).toBe(200);
    expect(
      new RegExp(`<link rel="canonical" href="[^"]*/category/${one.slug}\\?one-list\\.from=4">`).test(
        second.body,
      ),
    ).toBe(true);
    const plain = (await store.get(`/category/${one.slug}`)).body;
    expect((await store.get(`/category/${one.slug}?listing.from=4`)).body).toBe(plain);
    const usual = (await store.get(`/category/${other.slug}`)).body;
    expect((await store.get(`/category/${other.slug}?one-list.from=4`)).body).toBe(usual);
  });

  it('follows the category to another address, and is as all others once its page is gone', async () => {
    const rename = (slug: string) =>
      store.database.pool.query('UPDATE category SET slug = $2 WHERE id = $1', [one.id, slug]);
    await rename('elsewhere-now');
    await expect
      .poll(async () => baysOf((await store.get('/category/elsewhere-now')).body))
      .toContain('one-notice');
    await rename(one.slug);
    const page = await store.document('page:for-one');
    const gone = await store.save({ key: 'page:for-one', version: page.version, body: null });
    expect(gone.statusCode, gone.body).toBe(200);
    expect((await store.publish()).statusCode).toBe(200);
    const back = await store.get(`/category/${one.slug}`);
    expect(back.statusCode).toBe(200);
    expect(baysOf(back.body)).not.toContain('one-notice');
  });
});
