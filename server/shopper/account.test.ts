import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writtenDocument } from '../../core/plan/reading.ts';
import { checksOut, shopperOf, variantIn, type SpecimenShopper } from '../specimen/shopper.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

/** Orders in the order in which a page lists them: what names each, and all that is said of it. */
const ordersOn = (body: string) =>
  [...body.matchAll(/<li><span><a href="\/order\/([^"]+)">([^<]*)<\/a>(.*?)<\/li>/g)].map(
    ([, token, number, rest]) => ({ token, said: `${number}${rest}`.replaceAll(/<[^>]*>/g, ' ').trim() }),
  );
/** Ids of the bays of a page that stand in its markup. */
const baysOn = (body: string) =>
  [
    ...body
      .slice(body.indexOf('<main'), body.indexOf('</main'))
      .matchAll(/<section[^>]* data-bay="([^"]+)"/g),
  ].map(([, id]) => id);
async function orders(one: SpecimenShopper, product: number, quantity: number): Promise<string> {
  const { id } = await variantIn(store, product);
  await one.send('/basket', { variant: id, quantity });
  const { answer } = await checksOut(one);
  expect(answer.statusCode, answer.body).toBe(303);
  return String(answer.headers.location).replace('/order/', '');
}

describe('what a browser has ordered', () => {
  it('is listed for it alone, the newest first, with what it cost, and each leads to all of it', async () => {
    const [one, other] = [shopperOf(store), shopperOf(store)];
    const before = await one.get('/account');
    expect(before.statusCode).toBe(200);
    expect(before.headers).toMatchObject({ 'cache-control': 'private, no-store', 'x-robots-tag': 'noindex' });
    expect(before.body).toContain('You have not ordered anything yet.');
    const first = await orders(one, 5, 2);
    const second = await orders(one, 6, 1);
    const { body } = await one.get('/account');
    const listed = ordersOn(body);
    expect(listed.map(({ token }) => token)).toEqual([second, first]);
    const { price } = await variantIn(store, 5);
    const pounds = ((2 * price) / 100).toFixed(2).replace('.00', '');
    expect(listed[1]!.said).toMatch(new RegExp(`^Order \\d+ *, 24 Nov 2026, 2 things +£${pounds}$`));
    expect((await one.get(`/order/${first}`)).body).toContain('piece-5');
    expect(ordersOn((await other.get('/account')).body)).toEqual([]);
  });

  it('is listed and shown however dear it is', async () => {
    const one = shopperOf(store);
    const { id } = await variantIn(store, 8);
    await store.database.pool.query(
      'UPDATE variant SET price = 2000000000, reduced = NULL, stock = NULL WHERE id = $1',
      [id],
    );
    const token = await orders(one, 8, 99);
    const [only] = ordersOn((await one.get('/account')).body);
    expect(only!.said).toMatch(/, 99 things +£1,980,000,000$/);
    const page = await one.get(`/order/${token}`);
    expect([page.statusCode, page.body.includes('£1,980,000,000')]).toEqual([200, true]);
  });

  it('is kept where no script of a page can read it', async () => {
    const one = shopperOf(store);
    const { id } = await variantIn(store, 7);
    await one.send('/basket', { variant: id, quantity: 1 });
    const { answer } = await checksOut(one);
    const cookie = answer.cookies.find(({ name }) => name === 'orders');
    expect(cookie).toMatchObject({ httpOnly: true, sameSite: 'Lax', path: '/' });
  });

  it('is passed over where it names nothing, whatever the browser says', async () => {
    for (const text of ['x', '%00', "'; DROP TABLE shop_order; --", '00000000-0000-0000-0000-000000000000']) {
      const answer = await store.get('/account', { cookie: `orders=${encodeURIComponent(text)}` });
      expect([answer.statusCode, ordersOn(answer.body)]).toEqual([200, []]);
    }
  });
});

describe('the account page', () => {
  it('shows what is saved, and nothing of it where nothing is', async () => {
    const one = shopperOf(store);
    expect(baysOn((await one.get('/account')).body)).not.toContain('account-saved');
    await one.send('/saved', { product: 9 });
    const { body } = await one.get('/account');
    expect(baysOn(body)).toEqual(['account-orders', 'account-saved', 'account-looked-at']);
    expect(new Set(body.match(/\/product\/piece-\d+/g))).toEqual(new Set(['/product/piece-9']));
  });

  it('is arranged like every page', async () => {
    const saved = await store.save({
      key: 'page:account',
      version: 0,
      body: writtenDocument({
        id: 'account',
        kind: 'account',
        name: 'Account',
        bays: [{ id: 'ordered', holds: 'orders', heading: { words: 'Ordered here', level: 1 } }],
      }),
    });
    expect(saved.statusCode, saved.body).toBe(200);
    expect((await store.publish()).statusCode).toBe(200);
    const { body } = await shopperOf(store).get('/account');
    expect(baysOn(body)).toEqual(['ordered']);
    expect(body.match(/<h1[^>]*>[^<]*/g)).toEqual(['<h1 class="bay-heading align-start">Ordered here']);
  });
});
