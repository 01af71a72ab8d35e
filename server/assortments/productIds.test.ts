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
} from '../../core/specimen/rules.ts';
import { readCategories } from '../catalogue/categoryRows.ts';
import { testDatabase, type TestDatabase } from '../specimen/database.ts';
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
  await pool.query(`INSERT INTO brand (id, slug, name) VALUES (1,'a','A'),(2,'b','B'),(3,'c','C')`);
  await pool.query(`INSERT INTO collection (id, slug, name) VALUES (1,'a','A'),(2,'b','B'),(3,'c','C')`);
  await pool.query(`INSERT INTO option (id, name) VALUES (1,'Glaze')`);
  await pool.query(
    `INSERT INTO option_value (id, option_id, name) SELECT n, 1, n FROM generate_series(1, 4) n`,
  );
  tree = categoryTree(await readCategories(pool));
});
afterAll(() => database.drop());

/** Rows given as objects, into a table. */
const insert = (table: string, columns: Record<string, string>, rows: readonly object[]) =>
  database.pool.query(
    `INSERT INTO ${table} (${Object.keys(columns).join(', ')}) SELECT ${Object.keys(columns).join(', ')}
     FROM jsonb_to_recordset($1) AS r (${Object.entries(columns)
       .map(([name, type]) => `${name} ${type}`)
       .join(', ')})`,
    [JSON.stringify(rows)],
  );

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
  const many = <T>(of: (product: ProductRecord) => Iterable<T>, row: (id: number, one: T) => object) =>
    products.flatMap((product) => [...of(product)].map((one) => row(product.id, one)));
  await insert(
    'product_category',
    { product_id: 'int', category_id: 'int' },
    many(
      (p) => p.categoryIds,
      (product_id, category_id) => ({ product_id, category_id }),
    ),
  );
  await insert(
    'collection_product',
    { product_id: 'int', collection_id: 'int' },
    many(
      (p) => p.collectionIds,
      (product_id, collection_id) => ({ product_id, collection_id }),
    ),
  );
  await insert(
    'product_tag',
    { product_id: 'int', tag: 'text' },
    many(
      (p) => p.tags,
      (product_id, tag) => ({ product_id, tag }),
    ),
  );
  await insert(
    'product_option_value',
    { product_id: 'int', option_value_id: 'int' },
    many(
      (p) => p.optionValueIds,
      (product_id, option_value_id) => ({ product_id, option_value_id }),
    ),
  );
  await insert(
    'sold_daily',
    { product_id: 'int', day: 'int', units: 'int' },
    many(
      (p) => p.soldByDay,
      (product_id, [day, units]) => ({ product_id, day, units }),
    ),
  );
  await insert(
    'viewed_daily',
    { product_id: 'int', day: 'int', views: 'int' },
    many(
      (p) => p.viewedByDay,
      (product_id, [day, views]) => ({ product_id, day, views }),
    ),
  );
  await insert(
    'bought_together',
    { product_id: 'int', other_id: 'int', orders: 'int' },
    many(
      (p) => p.boughtWith,
      (product_id, [other_id, orders]) => ({ product_id, other_id, orders }),
    ),
  );
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
          for (const { wanted, fallbacks, without, productId, start, ...rest } of questions) {
            const world: SqlWorld = {
              ...rest,
              soldWindowsAsOf: SPECIMEN_DAY,
              now: SPECIMEN_NOW,
              today: SPECIMEN_DAY,
              timeZone: 'UTC',
              newForDays: 2,
              tree,
              collectionRules,
              product: products.find(({ id }) => id === productId) ?? null,
            };
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
          const { wanted, productId, ...rest } = questions[0]!;
          const world: SqlWorld = {
            ...rest,
            soldWindowsAsOf: null,
            now: SPECIMEN_NOW,
            today: SPECIMEN_DAY,
            timeZone: 'UTC',
            newForDays: 2,
            tree,
            collectionRules,
            product: products.find(({ id }) => id === productId) ?? null,
          };
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
});
