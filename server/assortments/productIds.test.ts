import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Group, ProductAssortment } from '../../core/assortment/assortment.ts';
import { evaluateProducts } from '../../core/assortment/evaluate.ts';
import type { ProductRecord, World } from '../../core/assortment/kinds.ts';
import { orderKinds, type Order } from '../../core/assortment/orders/index.ts';
import { categoryTree } from '../../core/catalogue/categoryTree.ts';
import { fold } from '../../core/catalogue/fold.ts';
import { readCategories } from '../catalogue/categoryRows.ts';
import { testDatabase, type TestDatabase } from '../specimen/database.ts';
import { readProductIds } from './productIds.ts';

const TODAY = 20_000;
const ids = fc.integer({ min: 1, max: 34 });
const categoryIds = fc.integer({ min: 1, max: 8 });

const clause = fc.oneof(
  fc.record({
    is: fc.constant('category' as const),
    ids: fc.uniqueArray(categoryIds, { maxLength: 3 }),
    below: fc.boolean(),
  }),
  fc.constant({ is: 'reduced' as const }),
  fc.constant({ is: 'featured' as const }),
  fc.record({ is: fc.constant('named' as const), ids: fc.uniqueArray(ids, { maxLength: 6 }) }),
  fc.constant({ is: 'around' as const }),
);
const group: fc.Arbitrary<Group> = fc.letrec<{ group: Group }>((tie) => ({
  group: fc.record({
    join: fc.constantFrom('all', 'any', 'none'),
    parts: fc.array(fc.oneof({ maxDepth: 2, withCrossShrink: true }, clause, tie('group')), { maxLength: 3 }),
  }) as fc.Arbitrary<Group>,
})).group;
const order: fc.Arbitrary<Order> = fc
  .tuple(fc.constantFrom(...orderKinds), fc.integer({ min: 1, max: 40 }))
  .map(([kind, days]) => (kind.id === 'bestSold' ? { by: 'bestSold', days } : kind.atFirst()));
const assortment: fc.Arbitrary<ProductAssortment> = fc.record({
  of: fc.constant('products' as const),
  rule: group,
  order,
  soldOut: fc.constantFrom('asTheyCome' as const, 'toTheEnd' as const, 'out' as const),
  limit: fc.option(fc.integer({ min: 1, max: 30 })),
});

/** Goods with many ties, missing figures and odd titles. */
const goods: fc.Arbitrary<ProductRecord[]> = fc
  .array(
    fc.record({
      titleKey: fc.constantFrom('a', 'ab', 'a b', 'émaux', 'Z', '10', '9', '').map(fold),
      categoryIds: fc.uniqueArray(categoryIds, { maxLength: 3 }),
      featured: fc.boolean(),
      onSaleFrom: fc.integer({ min: 0, max: 3 }).map((n) => n * 86_400_000),
      price: fc.constantFrom(0, 1, 100, 999, 100_000_000),
      reducedShare: fc.option(fc.constantFrom(0.2, 0.5, 0.9)),
      inStock: fc.boolean(),
      position: fc.option(fc.integer({ min: 0, max: 3 })),
      sold: fc.array(
        fc.tuple(fc.integer({ min: TODAY - 45, max: TODAY + 1 }), fc.integer({ min: 1, max: 3 })),
        { maxLength: 4 },
      ),
    }),
    { minLength: 0, maxLength: 30 },
  )
  .map((list) =>
    list.map(({ reducedShare, sold, ...one }, i) => {
      const reduced = reducedShare === null ? 0 : Math.floor(one.price * reducedShare);
      return {
        ...one,
        id: i + 1,
        reduced: reduced > 0 && reduced < one.price ? reduced : null,
        soldByDay: new Map(sold),
      };
    }),
  );

let database: TestDatabase;

beforeAll(async () => {
  database = await testDatabase();
  await database.pool.query(
    `INSERT INTO category (id, parent_id, slug, name) VALUES (1,NULL,'a','A'),(2,1,'b','B'),(3,2,'c','C'),(4,3,'d','D'),(5,NULL,'e','E'),(6,5,'f','F')`,
  );
  await database.pool.query('DROP TRIGGER variant_changed ON variant');
});
afterAll(() => database.drop());

async function store(products: readonly ProductRecord[]): Promise<void> {
  const { pool } = database;
  await pool.query('TRUNCATE product CASCADE');
  await pool.query(
    `INSERT INTO product (id, slug, title, title_key, featured, on_sale_from, price, reduced, in_stock, position)
     SELECT id, 'p' || id, '', "titleKey", featured, to_timestamp("onSaleFrom" / 1000), price, reduced, "inStock", position
     FROM jsonb_to_recordset($1) AS r (id int, "titleKey" text, featured bool, "onSaleFrom" bigint, price int, reduced int, "inStock" bool, position int)`,
    [JSON.stringify(products)],
  );
  const inTree = products.flatMap(({ id, categoryIds: own }) =>
    own.filter((category) => category <= 6).map((category) => ({ id, category })),
  );
  await pool.query(
    `INSERT INTO product_category SELECT id, category FROM jsonb_to_recordset($1) AS r (id int, category int)`,
    [JSON.stringify(inTree)],
  );
  const sold = products.flatMap(({ id, soldByDay }) =>
    [...soldByDay].map(([day, units]) => ({ id, day, units })),
  );
  await pool.query(
    `INSERT INTO sold_daily SELECT id, day, units FROM jsonb_to_recordset($1) AS r (id int, day int, units int)`,
    [JSON.stringify(sold)],
  );
}

describe('an assortment asked of the database', () => {
  it('is the same in the same order as the evaluator of the core gives', async () => {
    const tree = categoryTree(await readCategories(database.pool));
    await fc.assert(
      fc.asyncProperty(
        goods,
        fc.array(
          fc.tuple(assortment, fc.uniqueArray(ids, { maxLength: 5 }), fc.option(fc.constantFrom(1, 3, 5))),
          { minLength: 12, maxLength: 12 },
        ),
        async (products, asked) => {
          await store(products);
          const known = products.map((one) => ({
            ...one,
            categoryIds: one.categoryIds.filter((id) => id <= 6),
          }));
          for (const [wanted, without, around] of asked) {
            const world: World = { today: TODAY, tree, around };
            const expected = evaluateProducts(wanted, known, world, new Set(without));
            const all = await readProductIds(database.pool, wanted, world, {
              start: 0,
              count: 1000,
              without,
            });
            expect(all).toEqual({ total: expected.length, ids: expected });
            const page = await readProductIds(database.pool, wanted, world, { start: 3, count: 5, without });
            expect(page).toEqual({ total: expected.length, ids: expected.slice(3, 8) });
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});
