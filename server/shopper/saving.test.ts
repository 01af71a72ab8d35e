import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { MOST_SAVED } from '../../core/shopper/savedIds.ts';
import { shopperOf } from '../specimen/shopper.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

/** Products in the order in which a page lists them. */
const listed = (body: string) =>
  [...body.matchAll(/href="\/product\/piece-(\d+)"/g)].map(([, id]) => Number(id));

async function showSave(shown: boolean) {
  const shelf = await store.document('shelf:shop');
  const parts = shown ? { save: { shown: { phone: true } } } : {};
  const saved = await store.save({ ...shelf, body: { ...shelf.body, card: { parts } } });
  expect(saved.statusCode, saved.body).toBe(200);
  expect((await store.publish()).statusCode).toBe(200);
}

describe('what is kept for later', () => {
  it('is kept and kept no longer by a plain form, the newest first, and seen by nobody else', async () => {
    const one = shopperOf(store);
    const nothing = await one.get('/saved');
    expect(nothing.body).toContain('You have not saved anything yet.');
    expect(nothing.headers).toMatchObject({
      'cache-control': 'private, no-store',
      'x-robots-tag': 'noindex',
    });
    for (const product of [5, 9, 3]) {
      const answer = await one.send('/saved', { product });
      expect([answer.statusCode, answer.headers.location]).toEqual([303, '/saved']);
    }
    expect(one.saved).toBe('3.9.5');
    const page = await one.get('/saved');
    expect([...new Set(listed(page.body))]).toEqual([3, 9, 5]);
    expect(page.body).not.toContain('not saved anything');
    await one.send('/saved', { product: 9 });
    expect(one.saved).toBe('3.5');
    expect([...new Set(listed((await one.get('/saved')).body))]).toEqual([3, 5]);
    expect((await shopperOf(store).get('/saved')).body).toContain('not saved anything');
  });

  it('is told to a script, without leaving the page', async () => {
    const one = shopperOf(store);
    const press = async () =>
      (await one.send('/saved', { product: 4 }, { accept: 'application/json' })).json<object>();
    expect(await press()).toEqual({ saved: true, count: 1 });
    expect(await press()).toEqual({ saved: false, count: 0 });
    expect(one.saved).toBe('');
  });

  it('passes over what is gone, and can be kept no longer even then', async () => {
    const one = shopperOf(store);
    one.saved = '2000000000.7';
    expect([...new Set(listed((await one.get('/saved')).body))]).toEqual([7]);
    expect((await one.send('/saved', { product: 2_000_000_000 })).statusCode).toBe(303);
    expect(one.saved).toBe('7');
  });

  it('is refused with a sentence where it is none, gone, or sent from elsewhere', async () => {
    const one = shopperOf(store);
    for (const product of ['', 'x', '-1', '0', '1.5', '9999999999', '1 OR 1=1'])
      expect((await one.send('/saved', { product })).statusCode, product).toBe(400);
    const gone = await one.send('/saved', { product: 999 }, { accept: 'application/json' });
    expect([gone.statusCode, gone.json<object>()]).toEqual([
      409,
      { code: 'not-sold', message: 'This is not sold any more.' },
    ]);
    const elsewhere = await one.send('/saved', { product: 4 }, { origin: 'https://other.example' });
    expect(elsewhere.statusCode).toBe(403);
    expect(one.saved).toBe('');
  });

  it('never grows past what a browser keeps', async () => {
    const one = shopperOf(store);
    one.saved = Array.from({ length: MOST_SAVED }, (_, i) => 1_000 + i).join('.');
    await one.send('/saved', { product: 4 });
    expect(one.saved.split('.')).toHaveLength(MOST_SAVED);
    expect(one.saved.startsWith('4.1000.')).toBe(true);
  });

  it('is offered, with a way to find it again, only where cards have it', async () => {
    await showSave(false);
    const { body } = await store.get('/shop');
    expect(body).not.toContain('data-save=');
    expect(body).not.toContain('href="/saved"');
    expect((await store.get('/product/piece-5')).body).not.toContain('data-save=');
    await showSave(true);
    const shop = (await store.get('/shop')).body;
    expect(shop).toContain('href="/saved"');
    // The page is the same for everybody: nothing on it says what anybody keeps.
    expect(shop).toMatch(/aria-pressed="false"[^>]*data-save="\d+"/);
    expect(shop).not.toContain('aria-pressed="true"');
    expect((await store.get('/product/piece-5')).body).toContain('data-save="5"');
  });
});
