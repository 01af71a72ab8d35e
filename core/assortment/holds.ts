import { clauseKind, type Clause } from './clauses/index.ts';
import type { ProductRecord, World } from './kinds.ts';
import { isGroup, type Group, type Part } from './rule.ts';

export function clauseHolds(clause: Clause, product: ProductRecord, world: World): boolean {
  return clauseKind(clause.is).holds(clause, product, world, groupHolds);
}

/** Whether a rule holds for a product. An empty group holds for everything. */
export function groupHolds(group: Group, product: ProductRecord, world: World): boolean {
  if (group.parts.length === 0) return true;
  const holds = (part: Part) =>
    isGroup(part) ? groupHolds(part, product, world) : clauseHolds(part, product, world);
  if (group.join === 'all') return group.parts.every(holds);
  if (group.join === 'any') return group.parts.some(holds);
  return !group.parts.some(holds);
}
