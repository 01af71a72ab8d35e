import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { insertPicture } from '../pictures/storeRows.ts';
import { specimenFile } from '../specimen/file.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import type { Group } from '../../core/assortment/rule.ts';
import { newAssortment } from '../../core/assortment/assortment.ts';
import { faceOf } from '../../core/card/item.ts';
import type { HardCandidates } from '../../core/api/assortments.ts';
import type { ItemsAnswer } from '../../core/view/view.ts';
import { NOW, smallStore, type SmallStore } from '../specimen/smallStore.ts';

let store: SmallStore;

beforeAll(async () => {
  store = await smallStore();
});
afterAll(() => store.stop());

const seenBy = { category: null, collection: null, product: null, lookedAt: [] };
const products = (more: Partial<ProductAssortment> = {}): ProductAssortment => ({
  ...newAssortment('products'),
  ...more,
});
const all = (...parts: Group['parts']): Group => ({ join: 'all', parts });

const ask = (url: string, body: object) =>
  store.owner.ask('POST', url, { fallbacks: [], without: [], seenBy, ...body });
const items = async (assortment: ProductAssortment, more: object = {}): Promise<ItemsAnswer> => {
  const answer = await ask('/api/items', { assortment, start: 0, count: 100, ...more });
  expect(answer.statusCode, answer.body).toBe(200);
  return answer.json<ItemsAnswer>();
};
const ids = ({ items: found }: ItemsAnswer) => found.map((item) => item.of === 'products' && item.product.id);

describe('asking what an assortment holds', () => {
  it('tops up from another one without repeats, and says how many are its own', async () => {
    const few = products({
      rule: all({ is: 'named', ids: [5, 6] }),
      fallback: { fewerThan: 6, then: 'topUp', from: 'other' },
      byHand: { putIn: [], leftOut: [2], pins: [] },
    });
    const answer = await items(few, { fallbacks: [products({ order: { by: 'newest' } })] });
    expect(ids(answer)).toEqual([5, 6, 1, 3, 4, 7]);
    expect(answer).toMatchObject({ total: 6, own: 2 });
  });

  it('leaves out what stands above of every kind, and fills the places that there are with what remains', async () => {
    const found = async (assortment: object, without: number[]) => {
      const answer = await ask('/api/items', { assortment, without, start: 0, count: 10 });
      expect(answer.statusCode, answer.body).toBe(200);
      const { items: there, total } = answer.json<ItemsAnswer>();
      return [there.map((item) => faceOf(item).id), total];
    };
    const categories = { ...newAssortment('categories'), choose: { from: 'named', ids: [1, 2] } };
    const [[first, second]] = (await found(categories, [])) as [number[], number];
    expect(await found(categories, [first!])).toEqual([[second], 1]);
    expect(await found({ ...categories, limit: 1 }, [first!])).toEqual([[second], 1]);
    expect(await found(newAssortment('collections'), [1])).toEqual([[], 0]);
  });

  it('shows a returning shopper what was looked at, and a new one nothing', async () => {
    const looked = products({ rule: all({ is: 'lookedAt' }), order: { by: 'lookedAt' } });
    expect((await items(looked)).total).toBe(0);
    expect(ids(await items(looked, { seenBy: { ...seenBy, lookedAt: [9, 3, 30] } }))).toEqual([9, 3, 30]);
  });

  it('counts what remains after each clause', async () => {
    const assortment = products({
      rule: all(
        { is: 'category', ids: [2], below: true },
        { is: 'price', least: null, most: 1010 },
        { join: 'none', parts: [{ is: 'named', ids: [2] }] },
      ),
    });
    const {
      parts,
      all: every,
      remains,
    } = (await store.owner.ask('POST', '/api/assortments/counts', { assortment, seenBy })).json<{
      parts: { path: number[]; count: number }[];
      all: number;
      remains: number;
    }>();
    expect(parts).toEqual([
      { path: [0], count: 20 },
      { path: [1], count: 5 },
      { path: [2], count: 4 },
      { path: [2, 0], count: 4 },
    ]);
    expect([every, remains]).toEqual([40, 4]);
  });

  it('explains with the value that was found', async () => {
    const explain = async (assortment: ProductAssortment, product: number) =>
      (await ask('/api/assortments/explain', { assortment, product })).json<{
        explanation: { text: string };
      }>().explanation;
    const cheap = products({ rule: all({ is: 'featured' }, { is: 'price', least: null, most: 1010 }) });
    expect((await explain(cheap, 4)).text).toBe(
      'Left out by "marked as featured": it is not marked as featured',
    );
    const rule = all({ is: 'stock', state: 'in', most: 1 }, { is: 'price', least: null, most: 1010 });
    expect(await explain(products({ rule }), 30)).toEqual({
      in: false,
      reason: 'rule',
      text: 'Left out by "costs at most £10.10": it costs £10.30',
    });
    expect(await explain(products({ rule }), 4)).toMatchObject({ in: true, place: 4 });
    expect(await explain(products({ limit: 3 }), 7)).toMatchObject({ reason: 'limit', text: /place 7/ });
    expect((await ask('/api/assortments/explain', { assortment: cheap, product: 999 })).statusCode).toBe(404);
  });

  it('stays readable and answers where a rule names what is gone', async () => {
    const rule: Group = {
      join: 'any',
      parts: [
        { is: 'category', ids: [77], below: true },
        { is: 'tag', tags: ["no'such; DROP TABLE product"] },
        { is: 'field', field: 'gone', compare: 'atLeast', value: 3 },
        { is: 'option', option: 9, values: [99] },
        { is: 'named', ids: [900, 3] },
        { is: 'words', words: "'\\:*|&!() <->" },
      ],
    };
    // Words without a letter hold for everything, so that they are left out here.
    const answer = await items(products({ rule: { ...rule, parts: rule.parts.slice(0, -1) } }));
    expect(ids(answer)).toEqual([3]);
    expect((await items(products({ rule }))).total).toBe(40);
    const { gone } = (
      await ask('/api/assortments/explain', { assortment: products({ rule }), product: 3 })
    ).json<{ gone: string[] }>();
    expect(gone).toEqual(
      expect.arrayContaining(['category 77', 'field "gone"', 'option 9', 'value 99', 'product 900']),
    );
  });

  it('refuses what no rule can be, with a clear sentence, and never fails', async () => {
    const nest = (depth: number): Group => ({ join: 'all', parts: depth ? [nest(depth - 1)] : [] });
    const many = Array.from({ length: 2_000 }, (_, i) => i + 1);
    const faulty: [unknown, RegExp][] = [
      [products({ rule: nest(9) }), /at most 4 deep/],
      [products({ rule: all({ is: 'named', ids: many }) }), /At most 500/],
      [products({ rule: all({ is: 'price', least: 500, most: 100 }) }), /highest price is below the lowest/],
      [products({ rule: all({ is: 'price', least: 0, most: 1e300 }) }), /too large/],
      [
        products({
          limit: 1,
          byHand: {
            putIn: [],
            leftOut: [],
            pins: [
              { id: 1, place: 1 },
              { id: 2, place: 1 },
            ],
          },
        }),
        /more pinned/,
      ],
      [products({ rule: all({ is: 'sold', least: 1, days: 100_000 }) }), /too large/],
      [products({ rule: all({ is: '__proto__' } as never) }), /There is no clause/],
      [{ ...products(), order: { by: 'toString' } }, /There is no order/],
      [
        products({
          rule: { join: 'all', parts: Array.from({ length: 61 }, () => ({ is: 'featured' }) as const) },
        }),
        /60/,
      ],
    ];
    for (const [assortment, words] of faulty) {
      const answer = await ask('/api/items', { assortment, start: 0, count: 10 });
      expect(answer.statusCode, answer.body).toBe(422);
      expect(answer.json<{ message: string }>().message).toMatch(words);
    }
  });
});

describe('roll-ups', () => {
  it('follow orders and events as they arrive', async () => {
    const { pool } = store.database;
    await pool.query(`INSERT INTO shop_order (id, placed_at) VALUES (1, $1), (2, $1)`, [
      new Date(NOW - 1000),
    ]);
    await pool.query(
      `INSERT INTO order_line (order_id, line, product_id, quantity, price) VALUES (1,1,7,2,100),(1,2,8,1,100),(2,1,7,1,100)`,
    );
    await pool.query(
      `INSERT INTO order_line (order_id, line, product_id, quantity, price) VALUES (2,2,9,4,100),(2,3,7,1,100)`,
    );
    await pool.query(
      `INSERT INTO shopper_event (at, visitor, kind, product_id) SELECT $1, gen_random_uuid(), 'viewed', 8 FROM generate_series(1, 3)`,
      [new Date(NOW)],
    );
    expect(ids(await items(products({ order: { by: 'bestSold', days: 1 }, limit: 3 })))).toEqual([7, 9, 8]);
    expect(ids(await items(products({ order: { by: 'viewed', days: 1 }, limit: 1 })))).toEqual([8]);
    expect(ids(await items(products({ rule: all({ is: 'sold', least: 4, days: 3 }) })))).toEqual([7, 9]);
    const { rows } = await pool.query(
      `SELECT product_id AS one, other_id AS other, orders FROM bought_together ORDER BY 1, 2`,
    );
    expect(rows).toEqual([
      { one: 7, other: 8, orders: 1 },
      { one: 7, other: 9, orders: 1 },
      { one: 8, other: 7, orders: 1 },
      { one: 9, other: 7, orders: 1 },
    ]);
    const counted = await pool.query(`SELECT id, orders FROM product WHERE orders > 0 ORDER BY id`);
    expect(counted.rows).toEqual([
      { id: 7, orders: 2 },
      { id: 8, orders: 1 },
      { id: 9, orders: 1 },
    ]);
  });
});

describe('asking for the hardest items of an assortment', () => {
  const hard = async (assortment: object) => {
    const answer = await store.owner.ask('POST', '/api/hard-cases', {
      assortment,
      seenBy,
      needs: ['rating', 'options'],
    });
    expect(answer.statusCode, answer.body).toBe(200);
    return answer.json<HardCandidates>();
  };
  const idsOf = ({ items: found }: HardCandidates) =>
    found.flatMap((item) => (item.of === 'products' ? [item.product.id] : []));

  it('has of each kind the hardest there is, among all that match and not only the first shown', async () => {
    const { pool } = store.database;
    await pool.query(`UPDATE product SET title = 'A longer title than all others' WHERE id = 31`);
    await pool.query(`UPDATE product SET title = 'X' WHERE id = 32`);
    await pool.query(`UPDATE variant SET price = 9990000, reduced = 9980000 WHERE product_id = 33`);
    await pool.query(`UPDATE variant SET stock = 0 WHERE product_id = 34`);
    await pool.query(`UPDATE variant SET stock = 1 WHERE product_id = 35`);
    await pool.query(`UPDATE product SET rating_sum = 900, rating_count = 200 WHERE id = 36`);
    const found = await hard(products({ limit: 4, soldOut: 'toTheEnd' }));
    expect(idsOf(found)).toEqual(expect.arrayContaining([31, 32, 33, 34, 35, 36]));
    expect(found.counts).toEqual({ total: 40, withoutPicture: 40, soldOut: 1, notRated: 39, reduced: 1 });
    expect(new Set(idsOf(found)).size).toBe(found.items.length);
  });

  it('keeps to the rule, and is empty where nothing matches', async () => {
    const some = await hard(
      products({ rule: all({ is: 'category', ids: [2], below: true }), soldOut: 'toTheEnd' }),
    );
    expect(some.counts.total).toBe(20);
    expect(idsOf(some).every((id) => id % 2 === 0)).toBe(true);
    const none = await hard(products({ rule: all({ is: 'named', ids: [999] }) }));
    expect(none).toEqual({
      counts: { total: 0, withoutPicture: 0, soldOut: 0, notRated: 0, reduced: 0 },
      items: [],
    });
  });

  it('follows pictures as they come, change their order and go', async () => {
    const { pool } = store.database;
    const ratio = async () =>
      (await pool.query<{ picture_ratio: number | null }>('SELECT picture_ratio FROM product WHERE id = 7'))
        .rows[0]!.picture_ratio;
    const picture = async (id: string, width: number, height: number, position: number) => {
      await insertPicture(pool, specimenFile(id, { width, height }));
      await pool.query(`INSERT INTO product_picture (product_id, picture_id, position) VALUES (7, $1, $2)`, [
        id.repeat(64),
        position,
      ]);
    };
    expect(await ratio()).toBeNull();
    await picture('a', 800, 400, 1);
    expect(await ratio()).toBe(2);
    await picture('b', 400, 800, 0);
    expect(await ratio()).toBe(0.5);
    expect((await hard(products({ soldOut: 'toTheEnd' }))).counts.withoutPicture).toBe(39);
    await pool.query(`UPDATE product_picture SET position = 5 WHERE picture_id = $1`, ['b'.repeat(64)]);
    expect(await ratio()).toBe(2);
    await pool.query('DELETE FROM product_picture WHERE product_id = 7');
    expect(await ratio()).toBeNull();
  });

  it('has all of what there are few of', async () => {
    const found = await hard({ ...newAssortment('categories') });
    expect(found.counts.total).toBe(found.items.length);
    expect(found.items.every(({ of }) => of === 'categories')).toBe(true);
  });
});
