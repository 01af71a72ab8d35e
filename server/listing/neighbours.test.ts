import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { SqlWorld } from '../assortments/statement.ts';
import { readProductDetail } from '../catalogue/productRows.ts';
import { testDatabase, type TestDatabase } from '../specimen/database.ts';
import { specimenWorld } from '../specimen/sqlWorld.ts';
import { listings, type Listings } from './listings.ts';
import { neighboursOf } from './neighbours.ts';

let database: TestDatabase;
let world: SqlWorld;
let kept: Listings;

beforeAll(async () => {
  database = await testDatabase();
  const { pool } = database;
  await pool.query(
    `INSERT INTO category (id, parent_id, slug, name) VALUES (1, NULL, 'tableware', 'Tableware'), (2, 1, 'jugs', 'Jugs'), (3, NULL, 'tiles', 'Tiles'), (4, NULL, 'rest', 'Everything')`,
  );
  await pool.query('UPDATE category SET catch_all = true WHERE id = 4');
  // Every third has a place of its own; titles run against ids.
  await pool.query(
    `INSERT INTO product (id, slug, title, title_key, position, on_sale_from)
     SELECT n, 'p' || n, 'Piece ' || (90 - n), 'piece ' || (90 - n), CASE WHEN n % 3 = 0 THEN 40 - n END, now() FROM generate_series(1, 30) n`,
  );
  await pool.query(`INSERT INTO variant (product_id, position, price) SELECT id, 0, 1000 FROM product`);
  await pool.query(
    `INSERT INTO product_category SELECT id, CASE WHEN id = 30 THEN 4 WHEN id % 5 = 0 THEN 3 WHEN id % 2 = 0 THEN 2 ELSE 1 END FROM product`,
  );
  world = await specimenWorld(pool);
  kept = listings(pool);
});
afterAll(() => database.drop());

const of = async (slug: string) =>
  neighboursOf(database.pool, (await readProductDetail(database.pool, slug, null))!, kept, world);

/** A category and all below it, in the owner's order. */
const inOrder = async (category: number): Promise<string[]> => {
  const { rows } = await database.pool.query<{ slug: string }>(
    `SELECT slug FROM product WHERE category_path @> ARRAY[$1::int] ORDER BY position NULLS LAST, title_key COLLATE "C", id`,
    [category],
  );
  return rows.map(({ slug }) => slug);
};

describe('what stands before and after a product', () => {
  it.each([
    [1, 'Tableware'],
    [2, 'Jugs'],
    [3, 'Tiles'],
  ])('is its neighbours in its main category, in the owner’s order: %d', async (id, name) => {
    const all = await inOrder(id);
    expect(all.length).toBeGreaterThan(4);
    let seen = 0;
    for (const [i, slug] of all.entries()) {
      const found = await of(slug);
      // One of a category below has that for its main one.
      if (found?.category.name !== name) continue;
      seen += 1;
      expect(found).toMatchObject({ place: i + 1, of: all.length });
      expect(found.previous?.slug ?? null).toBe(all[i - 1] ?? null);
      expect(found.next?.slug ?? null).toBe(all[i + 1] ?? null);
    }
    expect(seen).toBeGreaterThan(3);
  });

  it('is nothing where it is in no category but the one that catches all', async () => {
    expect(await of('p30')).toBeNull();
  });

  it('follows when another comes between', async () => {
    const [first, second] = await inOrder(3);
    const { rows } = await database.pool.query<{ position: number }>(
      'SELECT position FROM product WHERE slug = $1',
      [first],
    );
    await database.pool.query(
      `INSERT INTO product (id, slug, title, title_key, position, on_sale_from) VALUES (50, 'between', 'Between', 'zz', $1, now())`,
      [rows[0]!.position],
    );
    await database.pool.query('INSERT INTO product_category VALUES (50, 3)');
    kept.changed(['all']);
    expect((await of(first!))!.next!.slug).toBe('between');
    expect((await of(second!))!.previous!.slug).toBe('between');
  });
});
