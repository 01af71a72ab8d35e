import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

const tabs = [
  { id: 'few', name: 'Few', shelfId: 'few' },
  { id: 'many', name: 'Many', shelfId: 'many' },
  { id: 'none', name: 'None', shelfId: 'none' },
];
const shelf = (id: string, limit: number, more: object = {}) => ({
  key: `shelf:${id}` as const,
  version: 0,
  body: writtenDocument({
    id,
    name: id,
    assortment: { of: 'products', order: { by: 'position' }, limit },
    ...more,
  }),
});

beforeAll(async () => {
  store = await smallStore();
  const page = await store.document('page:shop');
  const bays = [{ id: 'buying', holds: 'tabs', tabs }, ...(page.body.bays as object[])];
  const saved = await store.save(
    { ...page, body: { ...page.body, bays } },
    shelf('few', 3),
    shelf('many', 20, { amount: { by: 'items', items: { phone: 6 } }, paging: { by: 'numbered' } }),
    shelf('none', 5, {
      assortment: { of: 'products', rule: { join: 'all', parts: [{ is: 'tag', tags: ['nowhere'] }] } },
    }),
  );
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

/** Ids of the cards of a shelf on a page. */
const cardsOf = (html: string, id: string): string[] => {
  const part = html.split(`<div data-shelf="${id}"`)[1]?.split('data-bay=')[0] ?? '';
  return [...part.matchAll(/data-card="(\d+)"/g)].map(([, card]) => card!);
};

describe('a page with tabs', () => {
  it('is sent with one of them, and links to the others that have something to show', async () => {
    const { body } = await store.get('/shop');
    expect(cardsOf(body, 'few')).toHaveLength(3);
    expect(cardsOf(body, 'many')).toEqual([]);
    expect(body).toContain('href="/shop?buying.shows=many#bay-buying"');
    expect(body.includes('buying.shows=none')).toBe(false);
  });

  it('is sent with another by its address, with its pages, and is one page for search engines', async () => {
    const { body } = await store.get('/shop?buying.shows=many');
    expect(cardsOf(body, 'many')).toHaveLength(6);
    expect(/<link rel="canonical" href="[^"]*\/shop">/.test(body)).toBe(true);
    const second = (await store.get('/shop?many.from=6&buying.shows=many')).body;
    expect(cardsOf(second, 'many')).toHaveLength(6);
    expect(cardsOf(second, 'many')).not.toEqual(cardsOf(body, 'many'));
    expect(/<link rel="canonical" href="[^"]*\/shop">/.test(second)).toBe(true);
    // The page of a closed tab says nothing.
    expect((await store.get('/shop?many.from=6')).body).toBe((await store.get('/shop')).body);
  });

  it('is the plain page whatever else the parameter says', async () => {
    const plain = (await store.get('/shop')).body;
    for (const query of [
      'buying.shows=few',
      'buying.shows=none',
      'buying.shows=gone',
      'buying.shows=',
      'buying.shows=%00',
      'buying.shows=many&buying.shows=few',
      'buying.shows=__proto__',
      `buying.shows=${'x'.repeat(3_000)}`,
      'other.shows=many',
      '__proto__.shows=many',
    ])
      expect((await store.get(`/shop?${query}`)).body === plain, query).toBe(true);
  });

  it('shows a tab as soon as it has something to show', async () => {
    const kept = await store.document('shelf:none');
    await store.save({ ...kept, body: { ...kept.body, assortment: { of: 'products', limit: 1 } } });
    expect((await store.publish()).statusCode).toBe(200);
    await expect.poll(async () => (await store.get('/shop')).body.includes('buying.shows=none')).toBe(true);
  });
});
