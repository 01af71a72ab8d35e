import type { Clause } from '../../../core/assortment/clauses/index.ts';
import type { SqlWorld, Statement } from '../statement.ts';

type ClauseSql<C extends Clause> = (clause: C, statement: Statement, world: SqlWorld) => string;

/** Products `p` that stand in any of these categories. */
function inCategories(ids: readonly number[], below: boolean, statement: Statement): string {
  const wanted = statement.value(ids);
  return below
    ? `EXISTS (SELECT FROM product_category pc JOIN category_closure cc ON cc.descendant_id = pc.category_id
         WHERE pc.product_id = p.id AND cc.ancestor_id = ANY(${wanted}::int[]))`
    : `EXISTS (SELECT FROM product_category pc WHERE pc.product_id = p.id AND pc.category_id = ANY(${wanted}::int[]))`;
}

/** Each kind of clause as a condition on product `p`; the core's clauses under the same ids are the reference. */
export const clauseSql: { [K in Clause['is']]: ClauseSql<Extract<Clause, { is: K }>> } = {
  category: ({ ids, below }, statement) => inCategories(ids, below, statement),
  reduced: () => 'p.reduced IS NOT NULL',
  featured: () => 'p.featured',
  named: ({ ids }, statement) => `p.id = ANY(${statement.value(ids)}::int[])`,
  around: (_, statement, { around }) => (around === null ? 'true' : inCategories([around], true, statement)),
};
