import type { ClauseKind } from '../kinds.ts';
import { aroundClause, type AroundClause } from './around.ts';
import { categoryClause, type CategoryClause } from './category.ts';
import { featuredClause, type FeaturedClause } from './featured.ts';
import { namedClause, type NamedClause } from './named.ts';
import { reducedClause, type ReducedClause } from './reduced.ts';

export type Clause = AroundClause | CategoryClause | FeaturedClause | NamedClause | ReducedClause;

/** Every kind of clause there is; to add one, write its file and list it here. */
export const clauseKinds: readonly ClauseKind<Clause>[] = [
  categoryClause,
  reducedClause,
  featuredClause,
  namedClause,
  aroundClause,
] as unknown as readonly ClauseKind<Clause>[];

export function clauseKind(id: string): ClauseKind<Clause> {
  const kind = clauseKinds.find((one) => one.id === id);
  if (!kind) throw new RangeError(`There is no clause "${id}".`);
  return kind;
}
