import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checksOut, PERSON, shopperOf, stockIn, variantIn } from '../specimen/shopper.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

const shopper = () => shopperOf(store);
const variantOf = (product: number) => variantIn(store, product);
const stock = (variant: number, count: number | null) => stockIn(store, variant, count);

describe('a store that sells otherwise', () => {
  const sells = async (by: string, prices = true) => {
    const { key, version, body } = await store.document('house');
    await store.save({ key, version, body: { ...body, selling: { by, prices } } });
    expect((await store.publish()).statusCode).toBe(200);
  };

  it('by quote has no basket, asks instead, and need not say prices', async () => {
    const { id } = await variantOf(6);
    await sells('quote', false);
    const page = (await store.get('/product/piece-6')).body;
    expect(page).toContain('Ask for a quote');
    expect(page).not.toContain('action="/basket"');
    expect(page).not.toContain('£');
    expect(page).not.toContain('"offers"');
    expect((await store.get('/shop')).body).not.toMatch(/£|href="\/basket"|action="\/basket"/);
    const answer = await shopper().send('/basket', { variant: id });
    expect([answer.statusCode, answer.body.includes('Nothing can be bought here just now.')]).toEqual([
      409,
      true,
    ]);
    await shopper().send('/ask/piece-6', { ...PERSON, message: 'How much for ten?' });
    const { rows } = await store.database.pool.query<{ subject: string }>(
      'SELECT subject FROM message ORDER BY id DESC LIMIT 1',
    );
    expect(rows[0]!.subject).toBe('Quote for Piece 6');
  });

  it('not at all shows goods alone', async () => {
    await sells('none');
    const page = (await store.get('/product/piece-6')).body;
    expect(page).not.toMatch(/action="\/basket"|Ask for a quote/);
    expect(page).toContain('£');
    await sells('basket');
    expect((await store.get('/product/piece-6')).body).toContain('action="/basket"');
  });
});

describe('a part of a store that sells otherwise', () => {
  const upper = 901;
  const lower = 902;
  const sets = async (groups: object[]) => {
    const { key, version, body } = await store.document('house');
    await store.save({ key, version, body: { ...body, groups } });
    expect((await store.publish()).statusCode).toBe(200);
  };

  beforeAll(async () => {
    const { pool } = store.database;
    await pool.query(
      `INSERT INTO category (id, parent_id, slug, name, position) VALUES ($1, NULL, 'ovens', 'Ovens', 90), ($2, $1, 'small-ovens', 'Small ovens', 0)`,
      [upper, lower],
    );
    await pool.query('INSERT INTO product_category (product_id, category_id) VALUES (5, $1), (6, $2)', [
      upper,
      lower,
    ]);
  });
  afterAll(() => sets([]));

  it('asks for quotes for what is in a category and below it, and takes none of it into a basket', async () => {
    const [inIt, below, other] = await Promise.all([5, 6, 7].map(variantOf));
    await Promise.all([stock(inIt!.id, null), stock(below!.id, null), stock(other!.id, null)]);
    const before = shopper();
    await before.send('/basket', { variant: below!.id });
    await before.send('/basket', { variant: other!.id });
    await sets([{ id: `category-${upper}`, by: 'quote' }]);

    for (const slug of ['piece-5', 'piece-6']) {
      const { body } = await store.get(`/product/${slug}`);
      expect(body, slug).toContain('Ask for a quote');
      expect(body, slug).not.toContain('action="/basket"');
    }
    expect((await store.get('/product/piece-7')).body).toContain('action="/basket"');
    const refused = await shopper().send('/basket', { variant: inIt!.id });
    expect([refused.statusCode, refused.body.includes('This is not sold any more.')]).toEqual([409, true]);

    // What was in a basket before says so, and takes nothing else with it.
    const basket = (await before.get('/basket')).body;
    expect(basket).not.toContain('Piece 6');
    expect(basket).toContain('Piece 7');
    const { answer } = await checksOut(before);
    expect(answer.statusCode, answer.body).toBe(303);
    const { rows } = await store.database.pool.query(
      'SELECT product_id FROM order_line WHERE order_id = (SELECT max(id) FROM shop_order)',
    );
    expect(rows).toEqual([{ product_id: 7 }]);

    await shopper().send('/ask/piece-6', { ...PERSON, message: 'How much for a large one?' });
    const mail = await store.database.pool.query<{ kind: string }>(
      'SELECT kind FROM message ORDER BY id DESC LIMIT 1',
    );
    expect(mail.rows[0]!.kind).toBe('quote');
  });

  it('goes by the nearest category, and can sell a part where the store sells nothing', async () => {
    await sets([
      { id: `category-${upper}`, by: 'none' },
      { id: `category-${lower}`, by: 'basket' },
    ]);
    expect((await store.get('/product/piece-5')).body).not.toMatch(/action="\/basket"|Ask for a quote/);
    expect((await store.get('/product/piece-6')).body).toContain('action="/basket"');
    const { key, version, body } = await store.document('house');
    await store.save({ key, version, body: { ...body, selling: { by: 'none' } } });
    await store.publish();
    const { id } = await variantOf(6);
    expect((await shopper().send('/basket', { variant: id })).statusCode).toBe(303);
    expect((await store.get('/product/piece-6')).body).toContain('href="/basket"');
    expect((await store.get('/product/piece-7')).body).not.toContain('action="/basket"');
    const again = await store.document('house');
    await store.save({ ...again, body: { ...again.body, selling: { by: 'basket' } } });
  });
});
