import { object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';

export interface AroundClause {
  is: 'around';
}

/** On a category's page, what stands in that category and below; on any other page, everything. */
export const aroundClause: ClauseKind<AroundClause> = {
  id: 'around',
  name: 'The listing of the page',
  find: ['page', 'around', 'same listing', 'this category'],
  schema: object({
    is: string()
      .oneOf(['around'] as const)
      .required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'around' }),
  say: () => 'from the listing of the page',
  gone: () => [],
  holds: (_, product, { around, tree }) =>
    around === null || tree.withBelow(around).some((id) => product.categoryIds.includes(id)),
};
