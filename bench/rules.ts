import type { ProductAssortment } from '../core/assortment/products.ts';
import type { Clause } from '../core/assortment/clauses/index.ts';
import type { Order } from '../core/assortment/orders/index.ts';
import type { Group } from '../core/assortment/rule.ts';
import { newAssortment } from '../core/assortment/assortment.ts';
import { BENCH_DAY, BENCH_NOW } from './catalogue.ts';

/** A rule by name, and the same asked by a statement that a person would write for it. */
export interface BenchRule {
  name: string;
  assortment: ProductAssortment;
  fallbacks: ProductAssortment[];
  hand: HandWritten;
}

interface HandWritten {
  where: string;
  order: string;
  join?: string;
  limit?: number;
}

const DAY_MS = 86_400_000;
const since = (days: number) => `timestamptz '${new Date((BENCH_DAY - days + 1) * DAY_MS).toISOString()}'`;
const now = `timestamptz '${new Date(BENCH_NOW).toISOString()}'`;
const below = (id: number) => `p.category_path @> '{${id}}'`;
const glaze = (...ids: number[]) => `p.option_values && '{${ids.join(', ')}}'`;
const tagged = (...tags: number[]) => `p.tags && '{${tags.map((tag) => `"tag ${tag}"`).join(', ')}}'`;
const paid = 'p.paid';
const soldJoin = (days: number) =>
  `LEFT JOIN (SELECT product_id, sum(units) AS units FROM sold_daily WHERE day > ${BENCH_DAY - days} AND day <= ${BENCH_DAY} GROUP BY 1) s ON s.product_id = p.id`;
const bySold = 'coalesce(s.units, 0) DESC, p.id';
const newest = 'p.on_sale_from DESC, p.id';

const all = (...parts: Group['parts']): Group => ({ join: 'all', parts });
const any = (...parts: Group['parts']): Group => ({ join: 'any', parts });
const none = (...parts: Group['parts']): Group => ({ join: 'none', parts });
const category = (id: number): Clause => ({ is: 'category', ids: [id], below: true });
const option = (...values: number[]): Clause => ({ is: 'option', option: 1, values });
const tag = (...tags: number[]): Clause => ({ is: 'tag', tags: tags.map((one) => `tag ${one}`) });
const inStock: Clause = { is: 'stock', state: 'in', most: 3 };
const best: Order = { by: 'bestSold', days: 30 };

function rule(
  name: string,
  group: Group,
  hand: Partial<HandWritten>,
  more: Partial<ProductAssortment> = {},
  fallbacks: ProductAssortment[] = [],
): BenchRule {
  return {
    name,
    assortment: { ...newAssortment('products'), soldOut: 'asTheyCome', rule: group, ...more },
    fallbacks,
    hand: { where: 'true', order: newest, ...hand },
  };
}

export const benchRules: readonly BenchRule[] = [
  rule('everything, newest', all(), {}),
  rule('everything in stock, newest', all(inStock), { where: 'p.in_stock' }),
  rule('a main category and below', all(category(1)), { where: below(1) }),
  rule('a leaf category', all({ is: 'category', ids: [300], below: false }), {
    where: 'p.id IN (SELECT product_id FROM product_category WHERE category_id = 300)',
  }),
  rule('one glaze', all(option(9)), { where: glaze(9) }),
  rule('a rare tag', all(tag(150)), { where: tagged(150) }),
  rule(
    'a common tag, by title',
    all(tag(0)),
    { where: tagged(0), order: 'p.title_key, p.id' },
    { order: { by: 'title' } },
  ),
  rule(
    'a brand, cheapest',
    all({ is: 'brand', ids: [7] }),
    { where: 'p.brand_id = 7', order: `${paid}, p.id` },
    { order: { by: 'priceUp' } },
  ),
  rule('featured', all({ is: 'featured' }), { where: 'p.featured' }),
  rule(
    'reduced, largest reduction',
    all({ is: 'reduced', percent: 0 }),
    {
      where: 'p.reduced IS NOT NULL',
      order: '(10000 * (p.price::bigint - p.reduced)) / p.price DESC, p.id',
    },
    { order: { by: 'reduction' } },
  ),
  rule('reduced by a third in stock', all({ is: 'reduced', percent: 33 }, inStock), {
    where:
      'p.in_stock AND p.reduced IS NOT NULL AND (p.price - p.reduced)::bigint * 100 >= 33 * p.price::bigint',
  }),
  rule('new this month', all({ is: 'new', days: 30 }), {
    where: `p.on_sale_from >= ${since(30)} AND p.on_sale_from <= ${now}`,
  }),
  rule(
    'under £20, dearest',
    all({ is: 'price', least: null, most: 2000 }),
    { where: `${paid} <= 2000`, order: `${paid} DESC, p.id` },
    { order: { by: 'priceDown' } },
  ),
  rule('between £50 and £60', all({ is: 'price', least: 5000, most: 6000 }), {
    where: `${paid} BETWEEN 5000 AND 6000`,
  }),
  rule(
    'sets, by rating',
    all({ is: 'kind', kinds: ['set'] }),
    {
      where: "p.kind = 'set'",
      order:
        '(2 * (20000000::bigint + 1000000::bigint * p.rating_sum) + (5 + p.rating_count)) / (2 * (5 + p.rating_count)) DESC, p.id',
    },
    { order: { by: 'rating' } },
  ),
  rule('well rated', all({ is: 'rating', tenths: 45, reviews: 10 }), {
    where: 'p.rating_count >= 10 AND p.rating_sum * 10 >= 45 * p.rating_count',
  }),
  rule(
    'a collection, last sold',
    all({ is: 'collection', ids: [3] }),
    {
      where: 'p.id IN (SELECT product_id FROM collection_product WHERE collection_id = 3)',
      order: 'p.last_sold_at DESC NULLS LAST, p.id',
    },
    { order: { by: 'lastSold' } },
  ),
  rule('two words', all({ is: 'words', words: 'fog bow' }), {
    where:
      "p.id IN (SELECT product_id FROM product_text WHERE word_vector @@ $$'fog':* & 'bow':*$$::tsquery)",
  }),
  rule('one exact word', all({ is: 'words', words: '4711' }), {
    where: "p.id IN (SELECT product_id FROM product_text WHERE word_vector @@ $$'4711':*$$::tsquery)",
  }),
  rule('a text field', all({ is: 'field', field: 'firing', compare: 'is', value: 'raku' }), {
    where: `p.fields @> '{"firing": "raku"}'`,
  }),
  rule(
    'a number field, in a category',
    all(category(2), { is: 'field', field: 'capacity', compare: 'atLeast', value: 2500 }),
    {
      where: `${below(2)} AND jsonb_typeof(p.fields -> 'capacity') = 'number' AND p.fields -> 'capacity' >= '2500'`,
    },
  ),
  rule('sold ten in thirty days', all({ is: 'sold', least: 10, days: 30 }), {
    where: `p.id IN (SELECT product_id FROM sold_daily WHERE day > ${BENCH_DAY - 30} AND day <= ${BENCH_DAY} GROUP BY 1 HAVING sum(units) >= 10)`,
  }),
  rule(
    'best sold of a category',
    all(category(3)),
    { where: below(3), join: soldJoin(30), order: bySold },
    { order: best },
  ),
  rule(
    'best sold of all in ninety days',
    all(),
    { join: soldJoin(90), order: bySold },
    { order: { by: 'bestSold', days: 90 } },
  ),
  rule(
    'the full sentence',
    all(category(1), option(2, 3), inStock, { is: 'price', least: null, most: 6000 }),
    {
      where: `${below(1)} AND ${glaze(2, 3)} AND p.in_stock AND ${paid} <= 6000`,
      join: soldJoin(30),
      order: bySold,
    },
    { order: best },
  ),
  rule(
    'either of two, nested',
    all(any(category(4), tag(1)), none(option(1), { is: 'reduced', percent: 0 })),
    {
      where: `(${below(4)} OR ${tagged(1)}) AND NOT (${glaze(1)} OR p.reduced IS NOT NULL)`,
    },
  ),
  rule(
    'three deep',
    all(any(all({ is: 'words', words: 'teapot' }, inStock), all(tag(5), none({ is: 'featured' })))),
    {
      where: `(p.id IN (SELECT product_id FROM product_text WHERE word_vector @@ $$'teapot':*$$::tsquery) AND p.in_stock) OR (${tagged(5)} AND NOT p.featured)`,
    },
  ),
  rule(
    'named ones in order',
    all({ is: 'named', ids: [901, 7, 5000, 42] }),
    {
      where: 'p.id IN (901, 7, 5000, 42)',
      order: 'array_position(ARRAY[901, 7, 5000, 42], p.id)',
    },
    { order: { by: 'asNamed' } },
  ),
  rule(
    'pins, put in, left out, limit',
    all(category(5)),
    {
      where: `(p.id IN (11, 12, 13) OR ${below(5)}) AND p.id NOT IN (21, 22)`,
      limit: 48,
    },
    {
      limit: 200,
      byHand: {
        putIn: [11, 12, 13],
        leftOut: [21, 22],
        pins: [
          { id: 11, place: 2 },
          { id: 13, place: 9 },
        ],
      },
    },
  ),
  rule(
    'too few, topped up',
    all(tag(199), option(24)),
    { where: `${tagged(199)} AND ${glaze(24)}`, limit: 48 },
    {
      fallback: { fewerThan: 24, then: 'topUp', from: 'best' },
    },
    [{ ...newAssortment('products'), order: { by: 'newest' }, limit: 60 }],
  ),
];

/** The two ways in which one would write it; the faster counts. Both give the total and the first 48. */
export function handWritten({ where, order, join = '', limit = 48 }: HandWritten): string[] {
  return [
    `WITH m AS MATERIALIZED (SELECT p.id, row_number() OVER (ORDER BY ${order}) AS at FROM product p ${join} WHERE ${where})
     SELECT (SELECT count(*) FROM m)::int AS total, ARRAY(SELECT id FROM m WHERE at <= ${limit} ORDER BY at) AS ids`,
    `SELECT (SELECT count(*) FROM product p WHERE ${where})::int AS total,
       ARRAY(SELECT p.id FROM product p ${join} WHERE ${where} ORDER BY ${order} LIMIT ${limit}) AS ids`,
  ];
}
