import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { SetUpFacts } from '../../core/api/setUp.ts';
import { goodsFault } from '../../core/goods/goodsEdit.ts';
import { readGoodsById } from '../goods/goodsRows.ts';
import { smallStore, type SmallStore } from '../specimen/smallStore.ts';
import { SAMPLES, sampleCategories } from '../../core/samples/sampleGoods.ts';
import { addSamples, removeSamples } from './samples.ts';

let store: SmallStore;
beforeAll(async () => {
  store = await smallStore();
  await store.database.pool.query(`SELECT setval(pg_get_serial_sequence('product', 'id'), 5000)`);
});
afterAll(() => store.stop());

const run = (sql: string, values: unknown[] = []) => store.database.pool.query(sql, values);
const counted = async (table: string): Promise<number> =>
  (await run(`SELECT count(*)::int AS n FROM ${table}`)).rows[0].n;
const TABLES = ['product', 'variant', 'category', 'product_category', 'picture', 'picture_file'] as const;
const everything = () => Promise.all(TABLES.map(counted));
const facts = async () => (await store.owner.ask('GET', '/api/set-up', undefined)).json<SetUpFacts>();

describe('sample goods', () => {
  it('are put in whole, told of, and taken out without a trace', async () => {
    const before = await everything();
    const { products } = await facts();
    const added = await store.owner.ask('POST', '/api/samples', null);
    expect(added.json()).toEqual({ added: SAMPLES });
    expect(await facts()).toMatchObject({ products: products + SAMPLES, samples: SAMPLES });
    const { rows } = await run('SELECT product_id AS id FROM sample_product');
    const goods = [
      ...(
        await readGoodsById(
          store.database.pool,
          rows.map(({ id }) => id),
        )
      ).values(),
    ];
    for (const one of goods) {
      expect(goodsFault(one), one.title).toBeNull();
      expect(one.categoryIds, one.title).toHaveLength(1);
      expect(one.pictureIds, one.title).toHaveLength(1);
      expect(one.shortText).not.toBe('');
    }
    // No two look alike.
    expect(new Set(goods.flatMap(({ pictureIds }) => pictureIds)).size).toBe(SAMPLES);
    const removed = await store.owner.ask('DELETE', '/api/samples', undefined);
    expect(removed.json()).toEqual({ removed: SAMPLES, left: 0 });
    expect(await everything()).toEqual(before);
    expect(await facts()).toMatchObject({ products, samples: 0 });
  });

  it('are put in once, however often and however many at a time they are asked for', async () => {
    const answers = await Promise.all(
      Array.from({ length: 3 }, () => store.owner.ask('POST', '/api/samples', null)),
    );
    expect(answers.map(({ statusCode }) => statusCode).sort()).toEqual([200, 409, 409]);
    expect(await counted('sample_product')).toBe(SAMPLES);
    await removeSamples(store.database.pool);
  });

  it('leave alone what a shop has of the same name, and what was put among them', async () => {
    const { name } = sampleCategories[0]!;
    await run('INSERT INTO category (slug, name) VALUES ($1, $2)', ['own-bags', name]);
    await addSamples(store.database.pool, Date.now());
    const { rows } = await run(
      'SELECT c.id, c.name FROM sample_category s JOIN category c ON c.id = s.category_id ORDER BY c.id',
    );
    expect(rows).toHaveLength(sampleCategories.length);
    expect(rows[0].name).not.toBe(name);
    const own = (await run('SELECT min(id) AS id FROM product')).rows[0].id;
    await run('INSERT INTO product_category (product_id, category_id) VALUES ($1, $2)', [own, rows[1].id]);
    await removeSamples(store.database.pool);
    const left = await run('SELECT id FROM category WHERE id = ANY($1)', [rows.map(({ id }) => id)]);
    expect(left.rows).toEqual([{ id: rows[1].id }]);
    expect(await counted('sample_category')).toBe(0);
    await run('DELETE FROM category WHERE id = $1', [rows[1].id]);
  });

  it('stay where somebody has ordered one, and where something else shows a picture of theirs', async () => {
    await addSamples(store.database.pool, Date.now());
    const { rows } = await run(`SELECT s.product_id AS id, pp.picture_id AS picture
      FROM sample_product s JOIN product_picture pp USING (product_id)
      JOIN sample_picture USING (picture_id) ORDER BY 1`);
    await run(
      `WITH o AS (INSERT INTO shop_order (placed_at) VALUES (now()) RETURNING id)
       INSERT INTO order_line SELECT o.id, 1, $1, NULL, 1, 900 FROM o`,
      [rows[0].id],
    );
    const own = (await run('SELECT min(id) AS id FROM product')).rows[0].id;
    await run('INSERT INTO product_picture (product_id, position, picture_id) VALUES ($1, 90, $2)', [
      own,
      rows[9].picture,
    ]);
    const { removed, left } = await removeSamples(store.database.pool);
    expect({ removed, left }).toEqual({ removed: SAMPLES - 1, left: 1 });
    const kept = await run('SELECT id FROM picture WHERE id = ANY($1)', [rows.map(({ picture }) => picture)]);
    expect(kept.rows.map(({ id }) => id).sort()).toEqual([rows[0].picture, rows[9].picture].sort());
    // What stayed is a product like any other, so that asking again takes nothing.
    expect(await removeSamples(store.database.pool)).toMatchObject({ removed: 0, left: 0 });
    expect(await counted('sample_picture')).toBe(0);
  });
});
