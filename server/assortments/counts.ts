import type { RuleCounts } from '../../core/api/assortments.ts';
import type { ProductAssortment } from '../../core/assortment/products.ts';
import type { SqlWorld } from './statement.ts';
import { isGroup, pathsIn, readUntil, type Group } from '../../core/assortment/rule.ts';
import type { Queryable } from '../db/pool.ts';
import { conditionOf, joined } from './condition.ts';
import { Statement } from './statement.ts';

/** What remains of all products when the rule has been read as far as the end of this part. */
export async function readRuleCounts(
  db: Queryable,
  { rule }: ProductAssortment,
  world: SqlWorld,
): Promise<RuleCounts> {
  const statement = new Statement();
  const names = new Map<unknown, string>();
  const columns: string[] = [];
  const paths = pathsIn(rule);
  for (const { part } of paths)
    if (!isGroup(part)) {
      const name = `c${columns.length}`;
      names.set(part, name);
      columns.push(`(${conditionOf(part, statement, world)}) AS ${name}`);
    }
  const said = (group: Group): string =>
    joined(
      group,
      group.parts.map((part) => (isGroup(part) ? said(part) : names.get(part)!)),
    );
  const counts = paths.map(
    ({ path }, i) => `count(*) FILTER (WHERE ${said(readUntil(rule, path))})::int AS n${i}`,
  );
  const { rows } = await db.query<Record<string, number>>(
    `SELECT count(*)::int AS every, count(*) FILTER (WHERE ${said(rule)})::int AS remains,
       count(*) FILTER (WHERE (${said(rule)}) AND in_stock)::int AS stocked${counts.map((one) => `, ${one}`).join('')}
     FROM (SELECT p.in_stock${columns.map((one) => `, ${one}`).join('')} FROM product p OFFSET 0) found`,
    statement.values,
  );
  const row = rows[0]!;
  return {
    all: row.every!,
    remains: row.remains!,
    inStock: row.stocked!,
    parts: paths.map(({ path }, i) => ({ path, count: row[`n${i}`]! })),
  };
}
