import fc from 'fast-check';
import type { ProductAssortment } from '../assortment/products.ts';
import type { Clause } from '../assortment/clauses/index.ts';
import type { Around, ProductRecord, World } from '../assortment/kinds.ts';
import { PRODUCT_KINDS } from '../catalogue/productKinds.ts';
import { orderKinds, type Order } from '../assortment/orders/index.ts';
import type { Group } from '../assortment/rule.ts';
import { specimenTree } from './specimen.ts';
import { fold } from '../catalogue/fold.ts';

/** Random goods and rules that fit together, with many ties, gaps and edges; for tests. */

export const SPECIMEN_DAY = 20_000;
/** Noon of that day in a store that keeps UTC. */
export const SPECIMEN_NOW = SPECIMEN_DAY * 86_400_000 + 43_200_000;
const DAY_MS = 86_400_000;

/** A day in a store whose shopper has looked at two products. */
export const specimenWorld: World = {
  now: SPECIMEN_NOW,
  today: SPECIMEN_DAY,
  timeZone: 'UTC',
  newForDays: 2,
  tree: specimenTree,
  around: null,
  lookedAt: [3, 1],
  product: null,
  meanRating: 4_000_000,
  orders: 20,
  collectionRules: new Map(),
};

export const specimenWords = ['fog', 'fogbank', 'tide', 'émail', '10', 'o’neil', 'a'];
const tagNames = ['tide', 'fog', 'gift ideas', "o'clock", 'Ünder'];
const productIds = fc.integer({ min: 1, max: 34 });
const categoryIds = fc.integer({ min: 1, max: 8 });
const few = <T>(of: fc.Arbitrary<T>, maxLength = 3) => fc.uniqueArray(of, { maxLength });
const money = fc.constantFrom(0, 1, 99, 100, 999, 5000, 100_000_000);

export const clauseArbitraries: { [K in Clause['is']]: fc.Arbitrary<Extract<Clause, { is: K }>> } = {
  category: fc.record({ is: fc.constant('category'), ids: few(categoryIds), below: fc.boolean() }),
  collection: fc.record({ is: fc.constant('collection'), ids: few(fc.integer({ min: 1, max: 4 })) }),
  tag: fc.record({ is: fc.constant('tag'), tags: few(fc.constantFrom(...tagNames, 'gone')) }),
  brand: fc.record({ is: fc.constant('brand'), ids: few(fc.integer({ min: 1, max: 4 })) }),
  kind: fc.record({ is: fc.constant('kind'), kinds: few(fc.constantFrom(...PRODUCT_KINDS)) }),
  price: fc.tuple(fc.option(money), fc.option(money)).map(([a, b]) => ({
    is: 'price',
    least: a !== null && b !== null ? Math.min(a, b) : a,
    most: a !== null && b !== null ? Math.max(a, b) : b,
  })),
  reduced: fc.record({ is: fc.constant('reduced'), percent: fc.constantFrom(0, 10, 20, 50, 90) }),
  stock: fc.record({
    is: fc.constant('stock'),
    state: fc.constantFrom('in', 'out', 'atMost'),
    most: fc.integer({ min: 1, max: 4 }),
  }),
  rating: fc.record({
    is: fc.constant('rating'),
    tenths: fc.constantFrom(0, 35, 40, 45, 50),
    reviews: fc.integer({ min: 1, max: 3 }),
  }),
  new: fc.record({ is: fc.constant('new'), days: fc.option(fc.integer({ min: 1, max: 4 })) }),
  featured: fc.constant({ is: 'featured' }),
  sold: fc.record({
    is: fc.constant('sold'),
    least: fc.integer({ min: 1, max: 5 }),
    days: fc.oneof(fc.constantFrom(7, 30), fc.integer({ min: 1, max: 40 })),
  }),
  field: fc.oneof(
    fc.record({
      is: fc.constant('field' as const),
      field: fc.constantFrom('capacity', 'mixed', 'gone'),
      compare: fc.constantFrom('is' as const, 'atLeast' as const, 'atMost' as const),
      value: fc.constantFrom(0, 250, 250.5, -3),
    }),
    fc.record({
      is: fc.constant('field' as const),
      field: fc.constantFrom('foodSafe', 'mixed'),
      compare: fc.constant('is' as const),
      value: fc.constantFrom(true, false, 'x', ''),
    }),
  ),
  option: fc.record({
    is: fc.constant('option'),
    option: fc.constant(1),
    values: few(fc.integer({ min: 1, max: 5 })),
  }),
  words: fc.record({
    is: fc.constant('words'),
    words: fc.constantFrom('fog', 'FOG tide', 'é', 'o', '', "x' | y:*", '1', 'fogb a'),
  }),
  around: fc.constant({ is: 'around' }),
  related: fc.constant({ is: 'related' }),
  sameBrand: fc.constant({ is: 'sameBrand' }),
  lookedAt: fc.constant({ is: 'lookedAt' }),
  named: fc.record({ is: fc.constant('named'), ids: few(productIds, 6) }),
} as never;

const clause = fc.oneof(...(Object.values(clauseArbitraries) as fc.Arbitrary<Clause>[]));

export const ruleArbitrary: fc.Arbitrary<Group> = fc.letrec<{ group: Group }>((tie) => ({
  group: fc.record({
    join: fc.constantFrom('all', 'any', 'none'),
    parts: fc.array(fc.oneof({ maxDepth: 2, withCrossShrink: true }, clause, tie('group')), { maxLength: 3 }),
  }),
})).group;

export const orderArbitrary: fc.Arbitrary<Order> = fc
  .tuple(
    fc.constantFrom(...orderKinds),
    fc.oneof(fc.constantFrom(7, 30), fc.integer({ min: 1, max: 40 })),
    fc.constantFrom('daily' as const, 'hourly' as const, 'never' as const),
    fc.record({ field: fc.constantFrom('capacity', 'mixed', 'foodSafe', 'gone'), down: fc.boolean() }),
  )
  .map(([kind, days, anew, field]) => {
    if (kind.id === 'field') return { by: 'field', ...field };
    if (kind.id === 'bestSold' || kind.id === 'viewed') return { by: kind.id, days };
    return kind.id === 'shuffled' ? { by: 'shuffled', anew, seed: days } : kind.atFirst();
  });

export const assortmentArbitrary: fc.Arbitrary<ProductAssortment> = fc
  .record({
    rule: ruleArbitrary,
    order: orderArbitrary,
    putIn: fc.oneof(fc.constant<number[]>([]), few(productIds, 5)),
    leftOut: fc.oneof(fc.constant<number[]>([]), few(productIds, 5)),
    pins: fc.oneof(
      fc.constant<{ id: number; place: number }[]>([]),
      fc.uniqueArray(fc.record({ id: productIds, place: fc.integer({ min: 1, max: 12 }) }), {
        maxLength: 4,
        selector: ({ id }) => id,
      }),
    ),
    soldOut: fc.constantFrom('asTheyCome' as const, 'toTheEnd' as const, 'out' as const),
    limit: fc.option(fc.integer({ min: 4, max: 30 })),
    fallback: fc.option(
      fc.record({
        fewerThan: fc.integer({ min: 1, max: 25 }),
        then: fc.constantFrom('topUp' as const, 'goAway' as const),
      }),
    ),
  })
  .map(({ putIn, leftOut, pins, fallback, ...rest }): ProductAssortment => ({
    of: 'products',
    ...rest,
    byHand: { putIn, leftOut, pins },
    fallback: fallback && { ...fallback, from: fallback.then === 'topUp' ? 'next' : null },
  }));

/** Names of the brands 1, 2 and 3. */
export const specimenBrands = ['Tobin Hale', 'Émaux & Co.', 'ansa'];

export const aroundArbitrary: fc.Arbitrary<Around> = fc.oneof(
  fc.constant(null),
  fc.constantFrom(1, 3, 5, 99).map((id) => ({ of: 'category' as const, id })),
  fc.constantFrom(1, 3).map((id) => ({ of: 'collection' as const, id })),
  fc
    .uniqueArray(fc.integer({ min: 1, max: 30 }), { maxLength: 20 })
    .map((ids) => ({ of: 'search' as const, words: 'fog', ids })),
);

const byDay = fc
  .array(
    fc.tuple(fc.integer({ min: SPECIMEN_DAY - 45, max: SPECIMEN_DAY + 1 }), fc.integer({ min: 1, max: 3 })),
    { maxLength: 4 },
  )
  .map((days) => new Map(days));

/** Up to thirty products: many ties, missing figures, odd titles, times at the edge of "new". */
export const goodsArbitrary: fc.Arbitrary<ProductRecord[]> = fc
  .array(
    fc.record({
      titleKey: fc.constantFrom('a', 'ab', 'a b', 'émaux', 'Z', '10', '9', '').map(fold),
      code: fc.constantFrom('', 'KC-1', 'KC-10', 'KC-2', 'a1', 'Ä'),
      ownWords: few(fc.constantFrom(...specimenWords)),
      categoryIds: few(fc.integer({ min: 1, max: 6 })),
      collectionIds: few(fc.integer({ min: 1, max: 2 })),
      tags: few(fc.constantFrom(...tagNames)),
      brandId: fc.option(fc.integer({ min: 1, max: 3 })),
      kind: fc.constantFrom(...PRODUCT_KINDS),
      featured: fc.boolean(),
      onSaleFrom: fc
        .tuple(fc.integer({ min: -3, max: 1 }), fc.constantFrom(0, -1, 1, DAY_MS / 2))
        .map(([days, ms]) => SPECIMEN_DAY * DAY_MS + days * DAY_MS + ms),
      price: fc.constantFrom(0, 1, 100, 999, 5000, 100_000_000),
      reducedShare: fc.option(fc.constantFrom(0.2, 0.5, 0.8, 0.9)),
      inStock: fc.boolean(),
      stock: fc.option(fc.integer({ min: 1, max: 5 })),
      ratings: fc.array(fc.integer({ min: 1, max: 5 }), { maxLength: 4 }),
      fields: fc.record(
        {
          capacity: fc.constantFrom(0, 250, 250.5, 1000),
          foodSafe: fc.boolean(),
          mixed: fc.constantFrom<string | number | boolean>('x', '', 250, true),
        },
        { requiredKeys: [] },
      ),
      optionValueIds: few(fc.integer({ min: 1, max: 4 })),
      position: fc.option(fc.integer({ min: 0, max: 3 })),
      soldByDay: byDay,
      viewedByDay: byDay,
      lastSoldAt: fc.option(fc.integer({ min: 0, max: 3 }).map((n) => n * 1_000_000)),
      orders: fc.integer({ min: 0, max: 4 }),
      boughtWith: few(fc.tuple(productIds, fc.integer({ min: 1, max: 3 }))),
    }),
    { maxLength: 30 },
  )
  .map((list) =>
    list.map(({ reducedShare, ownWords, ratings, boughtWith, stock, ...one }, i): ProductRecord => {
      const { brandId } = one;
      const reduced = reducedShare === null ? 0 : Math.floor(one.price * reducedShare);
      return {
        ...one,
        id: i + 1,
        brandKey: brandId === null ? null : fold(specimenBrands[brandId - 1]!),
        words: [...new Set(ownWords.flatMap((word) => fold(word).split(' ')).filter(Boolean))],
        reduced: reduced > 0 && reduced < one.price ? reduced : null,
        stock: one.inStock ? stock : stock === null ? null : 0,
        ratingSum: ratings.reduce((a, b) => a + b, 0),
        ratingCount: ratings.length,
        boughtWith: new Map(boughtWith.filter(([id]) => id !== i + 1 && id <= list.length)),
      };
    }),
  );
