import { clauseKind, type Clause } from './clauses/index.ts';
import { isGroup, withChanged, withoutPart, type Group } from './rule.ts';

/** One clause for what holds for either of two, "in Vases or Planters"; null where there is none. */
export function eitherOf(a: Clause, b: Clause): Clause | null {
  if (a.is !== b.is) return null;
  const kind = clauseKind(a.is);
  const clause = kind.either?.(a, b) ?? null;
  return clause && kind.schema.isValidSync(clause) ? clause : null;
}

/** A rule in which two clauses have become one that holds for either. */
export interface Merged {
  rule: Group;
  /** The two, as they were, and what became of them. */
  of: readonly [Clause, Clause];
  clause: Clause;
  /** Place of the second among the parts, as they were. */
  at: number;
}

/** The rule with its first two clauses that can be one made so; null where all are to hold for reasons of their own. */
export function mergedRule(rule: Group): Merged | null {
  if (rule.join !== 'all') return null;
  for (const [at, later] of rule.parts.entries())
    for (const [first, earlier] of rule.parts.slice(0, at).entries()) {
      if (isGroup(later) || isGroup(earlier)) continue;
      const clause = eitherOf(earlier, later);
      if (clause)
        return {
          rule: withoutPart(withChanged(rule, [first], clause), [at]),
          of: [earlier, later],
          clause,
          at,
        };
    }
  return null;
}
