import { object, string, type Schema } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';

/** A clause that says it all by being there. */
export function plainClause<Id extends string>(
  id: Id,
  words: string,
  rest: Pick<ClauseKind<{ is: Id }>, 'name' | 'find' | 'looksAt' | 'holds' | 'against'> &
    Partial<Pick<ClauseKind<{ is: Id }>, 'changing' | 'reads' | 'fromWhere'>>,
): ClauseKind<{ is: Id }> {
  return {
    id,
    schema: object({ is: string().oneOf([id]).required() }).noUnknown() as unknown as Schema<{ is: Id }>,
    atFirst: () => ({ is: id }),
    say: () => [words],
    gone: () => [],
    ...rest,
  };
}
