import { emptyGrouping, type Grouping, type GroupingOf } from '../../core/groupings/grouping.ts';
import { FORMAT } from '../../core/plan/formats/format.ts';
import { readRule } from '../../core/plan/readRule.ts';
import type { Queryable } from '../db/pool.ts';
import { KEPT } from './kept.ts';

/** All of a kind as their owner keeps them, by id. @param counted with the number of their products, which is 0 otherwise */
export async function readGroupings(
  db: Queryable,
  of: GroupingOf,
  { counted = true } = {},
): Promise<Grouping[]> {
  const { table, id, columns, products } = KEPT[of];
  const read = [
    ...Object.entries({ id, ...columns }).map(([fact, column]) => `g.${column} AS "${fact}"`),
    ...(counted ? [`${products} AS products`] : []),
  ];
  const { rows } = await db.query<Partial<Grouping> & { id: number }>(
    `SELECT ${read.join(', ')} FROM ${table} g ORDER BY g.${id}`,
  );
  // A rule that cannot be read finds nothing, and is kept until another is set.
  return rows.map((row) => ({ ...emptyGrouping, ...row, rule: row.rule ? readRule(row.rule) : null }));
}

/** A column's value as it is written. */
export const asKept = (fact: keyof Grouping, one: Grouping): unknown =>
  fact === 'rule' ? one.rule && { ...one.rule, format: FORMAT } : one[fact];
