import { isGroup, type Group, type ProductAssortment } from '../../core/assortment/assortment.ts';
import type { Clause } from '../../core/assortment/clauses/index.ts';
import { namedIn } from '../../core/assortment/evaluate.ts';
import type { Queryable } from '../db/pool.ts';
import { clauseSql } from './clauses/index.ts';
import { orderSql, type OrderSql } from './orders/index.ts';
import { Statement, type SqlWorld } from './statement.ts';

function condition(part: Clause | Group, statement: Statement, world: SqlWorld): string {
  if (!isGroup(part))
    return (clauseSql[part.is] as (typeof clauseSql)['category'])(part as never, statement, world);
  if (part.parts.length === 0) return 'true';
  const parts = part.parts.map((one) => `(${condition(one, statement, world)})`);
  if (part.join === 'all') return parts.join(' AND ');
  return part.join === 'any' ? parts.join(' OR ') : `NOT (${parts.join(' OR ')})`;
}

function orderOf(assortment: ProductAssortment, statement: Statement, world: SqlWorld): OrderSql {
  const { order } = assortment;
  if (order.by === 'asNamed')
    return { keys: [`array_position(${statement.value(namedIn(assortment.rule))}::int[], p.id) NULLS LAST`] };
  return (orderSql[order.by] as (typeof orderSql)['newest'])(order as never, statement, world);
}

export interface IdPage {
  total: number;
  ids: number[];
}

/** One statement that gives an assortment's ids in order, from `start`, with the total. */
export function productIdsStatement(
  assortment: ProductAssortment,
  world: SqlWorld,
  { start, count, without }: { start: number; count: number; without: readonly number[] },
): { text: string; values: unknown[] } {
  const statement = new Statement();
  const conditions = [condition(assortment.rule, statement, world)];
  if (assortment.soldOut === 'out') conditions.push('p.in_stock');
  if (without.length) conditions.push(`p.id <> ALL(${statement.value(without)}::int[])`);
  const order = orderOf(assortment, statement, world);
  const keys = [...(assortment.soldOut === 'toTheEnd' ? ['p.in_stock DESC'] : []), ...order.keys, 'p.id'];
  const most = assortment.limit ?? Number.MAX_SAFE_INTEGER;
  const limit = statement.value(Math.max(0, Math.min(count, most - start)));
  const text = `
    WITH matching AS (SELECT p.* FROM product p WHERE ${conditions.map((one) => `(${one})`).join(' AND ')})
    SELECT (SELECT count(*) FROM matching)::int AS total,
      ARRAY(SELECT p.id FROM matching p ${order.join ?? ''} ORDER BY ${keys.join(', ')}
        LIMIT ${limit} OFFSET ${statement.value(start)}) AS ids`;
  return { text, values: statement.values };
}

/** Ids of an assortment of products, in order, with the total after its greatest number. */
export async function readProductIds(
  db: Queryable,
  assortment: ProductAssortment,
  world: SqlWorld,
  span: { start: number; count: number; without: readonly number[] },
): Promise<IdPage> {
  const { rows } = await db.query<IdPage>(productIdsStatement(assortment, world, span));
  const { total, ids } = rows[0]!;
  return { total: Math.min(total, assortment.limit ?? Infinity), ids };
}
