import { JSDOM } from 'jsdom';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

/** Pages of one shopper alone, and what each has of its own besides shelves. */
const OWN = ['basket', 'checkout', 'saved', 'account'] as const;
const holds: Partial<Record<(typeof OWN)[number], string>> = {
  basket: 'basket',
  checkout: 'checkout',
  account: 'orders',
};

let store: SmallStore;
beforeAll(async () => {
  store = await smallStore(12);
  const { key, version, body } = await store.document('house');
  const house = {
    key,
    version,
    body: writtenDocument({ ...body, style: { pageTitle: { rest: { textColour: '#aa3311' } } } }),
  };
  const pages = OWN.map((id) => ({
    key: `page:${id}` as const,
    version: 0,
    body: writtenDocument({
      id,
      kind: id,
      name: id,
      bays: [
        ...(id in holds ? [{ id: 'own', holds: holds[id] }] : []),
        { id: 'beside', holds: 'shelf', shelfId: 'home', heading: { words: 'You may like' } },
      ],
    }),
  }));
  const saved = await store.save(house, ...pages);
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
});
afterAll(() => store.stop());

describe('a page of one shopper alone', () => {
  it.each(OWN)('%s: holds any bays, in the look of the store, and is kept by nobody', async (id) => {
    const { body, statusCode, headers } = await store.get(`/${id}`);
    expect(statusCode).toBe(200);
    expect(headers['cache-control']).toBe('private, no-store');
    const { document } = new JSDOM(body).window;
    const shelf = document.querySelector('[data-bay=beside]')!;
    expect(shelf.querySelectorAll('.card').length).toBeGreaterThan(2);
    expect(shelf.textContent).toContain('You may like');
    const css = [...document.querySelectorAll('style')].map((one) => one.textContent).join('');
    expect(css.includes('#aa3311')).toBe(true);
  });
});
