import type { Clause } from '../../../core/assortment/clauses/index.ts';
import { newSince } from '../../../core/assortment/clauses/new.ts';
import type { Group } from '../../../core/assortment/rule.ts';
import { queryWords } from '../../../core/assortment/clauses/words.ts';
import { LEAST_RELATED } from '../../../core/assortment/related.ts';
import { relatednessSql } from '../relatedness.ts';
import { hasWindow, type SqlWorld, type Statement } from '../statement.ts';

/** A whole rule as a condition, such as a collection has. */
type RuleSql = (rule: Group) => string;

type ClauseSql<C extends Clause> = (
  clause: C,
  statement: Statement,
  world: SqlWorld,
  ruleSql: RuleSql,
) => string;

/** A product's path holds what it is in and all above that. */
const inOrBelow = (ids: readonly number[], statement: Statement) =>
  `p.category_path && ${statement.ints(ids)}`;

/** Collections that are filled by hand, and the rules of the others. */
function inCollections(
  ids: readonly number[],
  statement: Statement,
  world: SqlWorld,
  ruleSql: RuleSql,
): string {
  const byHand = ids.filter((id) => !world.collectionRules.has(id));
  const rules = ids.flatMap((id) => world.collectionRules.get(id) ?? []);
  const parts = rules.map((rule) => `(${ruleSql(rule)})`);
  if (byHand.length || parts.length === 0)
    parts.push(
      `p.id IN (SELECT product_id FROM collection_product WHERE collection_id = ANY(${statement.ints(byHand)}))`,
    );
  return parts.join(' OR ');
}

/** Every word as the beginning of a lexeme, as a tsquery; empty for none. What is folded has letters and digits only, so quotes are enough. */
export const wordsQuery = (words: string): string =>
  queryWords(words)
    .map((word) => `'${word}':*`)
    .join(' & ');

function hasWords(words: string, statement: Statement): string {
  const query = wordsQuery(words);
  return query
    ? `p.id IN (SELECT product_id FROM product_text WHERE word_vector @@ ${statement.value(query)}::tsquery)`
    : 'true';
}

const soldSince = (days: number, statement: Statement, { today }: SqlWorld) =>
  `SELECT product_id FROM sold_daily WHERE day > ${statement.value(today - days)} AND day <= ${statement.value(today)}`;

/** Each kind of clause as a condition on product `p`; the core's clauses under the same ids are the reference. */
export const clauseSql: { [K in Clause['is']]: ClauseSql<Extract<Clause, { is: K }>> } = {
  category: ({ ids, below }, statement) =>
    below
      ? inOrBelow(ids, statement)
      : `p.id IN (SELECT product_id FROM product_category WHERE category_id = ANY(${statement.ints(ids)}))`,
  collection: ({ ids }, statement, world, ruleSql) => inCollections(ids, statement, world, ruleSql),
  tag: ({ tags }, statement) => `p.tags && ${statement.value(tags)}::text[]`,
  brand: ({ ids }, statement) => `p.brand_id IS NOT NULL AND p.brand_id = ANY(${statement.ints(ids)})`,
  kind: ({ kinds }, statement) => `p.kind = ANY(${statement.value(kinds)}::text[])`,
  price: ({ least, most }, statement) =>
    [
      least === null ? [] : `p.paid >= ${statement.value(least)}`,
      most === null ? [] : `p.paid <= ${statement.value(most)}`,
    ]
      .flat()
      .join(' AND ') || 'true',
  reduced: ({ percent }, statement) =>
    percent === 0
      ? 'p.reduced IS NOT NULL'
      : `p.reduced IS NOT NULL AND (p.price - p.reduced)::bigint * 100 >= ${statement.value(percent)}::bigint * p.price`,
  stock: ({ state, most }, statement) => {
    if (state === 'out') return 'NOT p.in_stock';
    return state === 'in'
      ? 'p.in_stock'
      : `p.in_stock AND coalesce(p.stock <= ${statement.value(most)}, false)`;
  },
  rating: ({ tenths, reviews }, statement) =>
    `p.rating_count >= ${statement.value(reviews)} AND p.rating_sum::bigint * 10 >= ${statement.value(tenths)}::bigint * p.rating_count`,
  new: (clause, statement, world) =>
    `p.on_sale_from >= ${statement.value(new Date(newSince(clause, world)))}::timestamptz AND p.on_sale_from <= ${statement.value(new Date(world.now))}::timestamptz`,
  featured: () => 'p.featured',
  sold: ({ least, days }, statement, world) =>
    hasWindow(days, world)
      ? `p.id IN (SELECT product_id FROM sold_window WHERE days = ${statement.value(days)} AND units >= ${statement.value(least)})`
      : `p.id IN (${soldSince(days, statement, world)} GROUP BY product_id HAVING sum(units) >= ${statement.value(least)})`,
  field: ({ field, compare, value }, statement) => {
    if (compare === 'is') return `p.fields @> ${statement.value(JSON.stringify({ [field]: value }))}::jsonb`;
    // A path looks no further where the value is no number, and says so rather than nothing.
    const path = `$.${JSON.stringify(field)} ? (@ ${compare === 'atLeast' ? '>=' : '<='} $value)`;
    return `jsonb_path_exists(p.fields, ${statement.value(path)}::jsonpath, ${statement.value(JSON.stringify({ value }))}::jsonb)`;
  },
  option: ({ values }, statement) => `p.option_values && ${statement.ints(values)}`,
  words: ({ words }, statement) => hasWords(words, statement),
  around: (_, statement, world, ruleSql) => {
    const { around } = world;
    if (around === null) return 'true';
    if (around.of === 'category') return inOrBelow([around.id], statement);
    return around.of === 'collection'
      ? inCollections([around.id], statement, world, ruleSql)
      : `p.id = ANY(${statement.ints(around.ids)})`;
  },
  related: (_, statement, world) =>
    world.product ? `${relatednessSql(statement, world)} >= ${LEAST_RELATED}` : 'false',
  sameBrand: (_, statement, { product }) =>
    !product || product.brandId === null
      ? 'false'
      : `p.brand_id IS NOT NULL AND p.brand_id = ${statement.value(product.brandId)} AND p.id <> ${statement.value(product.id)}`,
  lookedAt: (_, statement, { lookedAt }) => `p.id = ANY(${statement.ints(lookedAt)})`,
  named: ({ ids }, statement) => `p.id = ANY(${statement.ints(ids)})`,
};
