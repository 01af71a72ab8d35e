import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clauseKinds } from '../../core/assortment/clauses/index.ts';
import { resolveProducts } from '../../core/assortment/evaluate.ts';
import { groupHolds } from '../../core/assortment/holds.ts';
import type { ProductRecord } from '../../core/assortment/kinds.ts';
import { pathsIn, readUntil, type Group } from '../../core/assortment/rule.ts';
import { categoryTree, type CategoryTree } from '../../core/catalogue/categoryTree.ts';
import {
  SPECIMEN_DAY,
  SPECIMEN_NOW,
  aroundArbitrary,
  assortmentArbitrary,
  clauseArbitraries,
  goodsArbitrary,
  specimenBrands,
} from '../../core/specimen/rules.ts';
import { readCategories } from '../catalogue/categoryRows.ts';
import { testDatabase, type TestDatabase } from '../specimen/database.ts';
import { insertInto } from '../specimen/insertInto.ts';
import { rollSoldWindows } from './facts.ts';
import { readRuleCounts } from './counts.ts';
import { readProductIds } from './productIds.ts';
import type { SqlWorld } from './statement.ts';
import { readRecords } from './records.ts';

/** A collection that is filled by a rule. */
const ruled: Group = { join: 'all', parts: [{ is: 'reduced', percent: 20 }] };
const collectionRules = new Map([[3, ruled]]);

let database: TestDatabase;
let tree: CategoryTree;

beforeAll(async () => {
  database = await testDatabase();
  const { pool } = database;
  await pool.query(
    `INSERT INTO category (id, parent_id, slug, name) VALUES (1,NULL,'a','A'),(2,1,'b','B'),(3,2,'c','C'),(4,3,'d','D'),(5,NULL,'e','E'),(6,5,'f','F')`,
  );
  await pool.query(
    `INSERT INTO brand (id, slug, name) SELECT i, i::text, name FROM unnest($1::text[]) WITH ORDINALITY AS b (name, i)`,
    [specimenBrands],
  );
  await pool.query(`INSERT INTO collection (id, slug, name) VALUES (1,'a','A'),(2,'b','B'),(3,'c','C')`);
  await pool.query(`INSERT INTO option (id, name) VALUES (1,'Glaze')`);
  await pool.query(
    `INSERT INTO option_value (id, option_id, name) SELECT n, 1, n FROM generate_series(1, 4) n`,
  );
  tree = categoryTree(await readCategories(pool));
});
afterAll(() => database.drop());

const insert = (table: string, columns: Record<string, string>, rows: readonly object[]) =>
  insertInto(database.pool, table, columns, rows);

async function store(products: readonly ProductRecord[]): Promise<void> {
  await database.pool.query('TRUNCATE product CASCADE');
  await database.pool.query('UPDATE store_figures SET windows_as_of = NULL');
  await insert(
    'product',
    {
      id: 'int',
      slug: 'text',
      title: 'text',
      title_key: 'text',
      code: 'text',
      brand_id: 'int',
      kind: 'text',
      featured: 'bool',
      on_sale_from: 'timestamptz',
      price: 'int',
      reduced: 'int',
      in_stock: 'bool',
      stock: 'int',
      rating_sum: 'int',
      rating_count: 'int',
      fields: 'jsonb',
      position: 'int',
      last_sold_at: 'timestamptz',
      orders: 'int',
    },
    products.map((p) => ({
      id: p.id,
      slug: `p${p.id}`,
      title: '',
      title_key: p.titleKey,
      code: p.code,
      brand_id: p.brandId,
      kind: p.kind,
      featured: p.featured,
      on_sale_from: new Date(p.onSaleFrom),
      price: p.price,
      reduced: p.reduced,
      in_stock: p.inStock,
      stock: p.stock,
      rating_sum: p.ratingSum,
      rating_count: p.ratingCount,
      fields: p.fields,
      position: p.position,
      last_sold_at: p.lastSoldAt === null ? null : new Date(p.lastSoldAt),
      orders: p.orders,
    })),
  );
  await insert(
    'product_text',
    { product_id: 'int', words: 'text[]' },
    products.map(({ id, words }) => ({ product_id: id, words })),
  );
  const many = <T>(
    table: string,
    columns: Record<string, string>,
    of: (product: ProductRecord) => Iterable<T>,
    values: (one: T) => readonly unknown[] = (one) => [one],
  ) =>
    insert(
      table,
      { product_id: 'int', ...columns },
      products.flatMap((product) =>
        [...of(product)].map((one) => ({
          product_id: product.id,
          ...Object.fromEntries(Object.keys(columns).map((column, i) => [column, values(one)[i]])),
        })),
      ),
    );
  await many('product_category', { category_id: 'int' }, (p) => p.categoryIds);
  await many('collection_product', { collection_id: 'int' }, (p) => p.collectionIds);
  await many('product_tag', { tag: 'text' }, (p) => p.tags);
  await many('product_option_value', { option_value_id: 'int' }, (p) => p.optionValueIds);
  const pair = (one: readonly [number, number]) => one;
  await many('sold_daily', { day: 'int', units: 'int' }, (p) => p.soldByDay, pair);
  await many('viewed_daily', { day: 'int', views: 'int' }, (p) => p.viewedByDay, pair);
  await many('bought_together', { other_id: 'int', orders: 'int' }, (p) => p.boughtWith, pair);
}

const asked = fc.record({
  wanted: assortmentArbitrary,
  fallbacks: fc.array(assortmentArbitrary, { maxLength: 2 }),
  without: fc.uniqueArray(fc.integer({ min: 1, max: 34 }), { maxLength: 5 }),
  around: aroundArbitrary,
  lookedAt: fc.uniqueArray(fc.integer({ min: 1, max: 34 }), { maxLength: 5 }),
  productId: fc.option(fc.integer({ min: 1, max: 30 })),
  meanRating: fc.constantFrom(0, 4_123_457, 3_999_999),
  orders: fc.integer({ min: 1, max: 50 }),
  start: fc.integer({ min: 0, max: 8 }),
});

type Asked = typeof asked extends fc.Arbitrary<infer One> ? One : never;

const worldOf = (
  { around, lookedAt, productId, meanRating, orders }: Asked,
  products: readonly ProductRecord[],
  soldWindowsAsOf: number | null,
): SqlWorld => ({
  around,
  lookedAt,
  meanRating,
  orders,
  soldWindowsAsOf,
  now: SPECIMEN_NOW,
  today: SPECIMEN_DAY,
  timeZone: 'UTC',
  newForDays: 2,
  tree,
  collectionRules,
  product: products.find(({ id }) => id === productId) ?? null,
});

const ROUNDS = 60;
const RULES_A_ROUND = 36;

describe('an assortment asked of the database', () => {
  it('is the same in the same order as the evaluator of the core gives', async () => {
    let compared = 0;
    await fc.assert(
      fc.asyncProperty(
        goodsArbitrary,
        fc.array(asked, { minLength: RULES_A_ROUND, maxLength: RULES_A_ROUND }),
        async (products, questions) => {
          await store(products);
          await rollSoldWindows(database.pool, SPECIMEN_DAY);
          for (const question of questions) {
            const { wanted, fallbacks, without, start } = question;
            const world = worldOf(question, products, SPECIMEN_DAY);
            const expected = resolveProducts(wanted, fallbacks, products, world, new Set(without));
            const span = { start: 0, count: 1000, without };
            const all = await readProductIds(database.pool, wanted, fallbacks, world, span);
            expect(all).toEqual({ ...expected, total: expected.ids.length });
            const page = await readProductIds(database.pool, wanted, fallbacks, world, {
              ...span,
              start,
              count: 5,
            });
            expect(page.ids).toEqual(expected.ids.slice(start, start + 5));
            expect(page.total).toBe(expected.ids.length);
            compared += 1;
          }
          const { wanted } = questions[0]!;
          const world = worldOf(questions[0]!, products, null);
          const counts = await readRuleCounts(database.pool, wanted, world);
          expect(counts.parts).toEqual(
            pathsIn(wanted.rule).map(({ path }) => ({
              path,
              count: products.filter((one) => groupHolds(readUntil(wanted.rule, path), one, world)).length,
            })),
          );
        },
      ),
      { numRuns: ROUNDS, interruptAfterTimeLimit: 100_000, markInterruptAsFailure: true },
    );
    expect(compared).toBeGreaterThanOrEqual(2_000);
  }, 240_000);

  it('is tried with every kind of clause', () => {
    expect(Object.keys(clauseArbitraries).sort()).toEqual(clauseKinds.map(({ id }) => id as string).sort());
  });

  it('reads of a product what the rules read of it', async () => {
    await fc.assert(
      fc.asyncProperty(goodsArbitrary, async (products) => {
        await store(products);
        const sorted = (one: ProductRecord) => ({
          ...one,
          categoryIds: [...one.categoryIds].sort(),
          collectionIds: [...one.collectionIds].sort(),
          tags: [...one.tags].sort(),
          optionValueIds: [...one.optionValueIds].sort(),
        });
        const read = await readRecords(database.pool);
        expect(read.map(sorted)).toEqual(products.map(sorted));
      }),
      { numRuns: 20 },
    );
  });

  it('follows products, tags and categories that change, move and go', async () => {
    const { pool } = database;
    const [products] = fc.sample(goodsArbitrary, { numRuns: 1, seed: 7 });
    await store(products!);
    const kept = async () => (await pool.query('SELECT products, in_stock FROM store_figures')).rows[0];
    const counted = async () =>
      (
        await pool.query(
          'SELECT count(*)::int AS products, (count(*) FILTER (WHERE in_stock))::int AS in_stock FROM product',
        )
      ).rows[0];
    const members = async () =>
      (
        await pool.query(`SELECT p.id, p.category_path, p.option_values, p.tags,
          ARRAY(SELECT DISTINCT cc.ancestor_id FROM product_category pc JOIN category_closure cc
            ON cc.descendant_id = pc.category_id WHERE pc.product_id = p.id ORDER BY 1) AS path,
          ARRAY(SELECT option_value_id FROM product_option_value WHERE product_id = p.id ORDER BY 1) AS had,
          ARRAY(SELECT tag FROM product_tag WHERE product_id = p.id ORDER BY 1) AS tagged FROM product p`)
      ).rows;
    const agree = async () => {
      for (const row of await members())
        expect([row.category_path, row.option_values, row.tags]).toEqual([row.path, row.had, row.tagged]);
      expect(await kept()).toEqual(await counted());
    };
    await agree();
    try {
      for (const change of [
        'UPDATE category SET parent_id = 6 WHERE id = 3',
        'UPDATE category SET parent_id = NULL WHERE id = 3',
        'UPDATE product_category SET category_id = 6 WHERE category_id = 4 AND NOT EXISTS (SELECT FROM product_category o WHERE o.product_id = product_category.product_id AND o.category_id = 6)',
        'DELETE FROM product_tag WHERE product_id % 2 = 0',
        'DELETE FROM product_option_value WHERE option_value_id = 2',
        'UPDATE product SET in_stock = NOT in_stock WHERE id % 3 = 0',
        'DELETE FROM product WHERE id % 4 = 1',
      ]) {
        await pool.query(change);
        await agree();
      }
    } finally {
      await pool.query('UPDATE category SET parent_id = 2 WHERE id = 3');
    }
  });
});
