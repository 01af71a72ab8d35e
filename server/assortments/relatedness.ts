import { paid } from '../../core/assortment/clauses/price.ts';
import { nearCategories, nearPrices, relatedWeights } from '../../core/assortment/related.ts';
import type { SqlWorld, Statement } from './statement.ts';

/** Points of likeness of `p` to the product of the page; the core's `relatedness` is the reference. */
export function relatednessSql(statement: Statement, { product: to, tree, orders }: SqlWorld): string {
  // A bare number would be taken for a column's place where it is sorted by.
  if (!to) return '0::bigint';
  const w = relatedWeights;
  const { same, near } = nearCategories(tree, to.categoryIds);
  const { least, most } = nearPrices(paid(to));
  const id = statement.value(to.id);
  const standsIn = (ids: number[]) =>
    `p.id IN (SELECT product_id FROM product_category WHERE category_id = ANY(${statement.ints(ids)}))`;
  const likeness = [
    `${w.tag} * least(${w.mostTags}, (SELECT count(*) FROM unnest(p.tags) tag WHERE tag = ANY(${statement.value(to.tags)}::text[])))`,
    `CASE WHEN ${standsIn(same)} THEN ${w.sameCategory} WHEN ${standsIn(near)} THEN ${w.nearCategory} ELSE 0 END`,
    // `least` passes over what is unknown, so that no orders have to count as no lift first.
    `coalesce((SELECT least(${w.mostLift}, coalesce(10::bigint * b.orders * ${statement.value(orders)}::bigint / nullif(p.orders::bigint * ${statement.value(to.orders)}::bigint, 0), 0))
       FROM bought_together b WHERE b.product_id = ${id} AND b.other_id = p.id), 0)`,
    `CASE WHEN p.paid BETWEEN ${statement.value(least)} AND ${statement.value(most)} THEN ${w.price} ELSE 0 END`,
  ];
  return `(CASE WHEN p.id = ${id} THEN 0 ELSE ${likeness.join(' + ')} END)`;
}
