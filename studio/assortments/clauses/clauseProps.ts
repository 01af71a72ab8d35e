import type { Clause } from '../../../core/assortment/clauses/index.ts';

/** What the controls of a clause are given. */
export interface ClauseProps<C extends Clause> {
  clause: C;
  onChange(clause: C): void;
}
