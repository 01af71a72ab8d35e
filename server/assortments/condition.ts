import type { Group, Part } from '../../core/assortment/rule.ts';
import { isGroup } from '../../core/assortment/rule.ts';
import { isGathered } from './clauses/found.ts';
import { clauseSql } from './clauses/index.ts';
import type { SqlWorld, Statement } from './statement.ts';

/** A part of a rule as a condition on product `p`, true or false and never unknown. */
export function conditionOf(part: Part, statement: Statement, world: SqlWorld): string {
  if (!isGroup(part))
    return (clauseSql[part.is] as (typeof clauseSql)['category'])(part as never, statement, world, (rule) =>
      conditionOf(rule, statement, world),
    );
  const conditions = part.parts.map((one) => conditionOf(one, statement, world));
  if (part.join === 'any' && isGathered(part.parts))
    return `p.id IN (${conditions.map((one) => `SELECT p.id FROM product p WHERE ${one}`).join(' UNION ALL ')})`;
  return joined(part, conditions);
}

/** Conditions joined as their group says; an empty group holds for everything. */
export function joined({ join }: Pick<Group, 'join'>, conditions: readonly string[]): string {
  if (conditions.length === 0) return 'true';
  const parts = conditions.map((one) => `(${one})`);
  if (join === 'all') return parts.join(' AND ');
  return join === 'any' ? parts.join(' OR ') : `NOT (${parts.join(' OR ')})`;
}
