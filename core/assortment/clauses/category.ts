import { array, boolean, idSchema, object, string } from '../../schema/schema.ts';
import { listed } from '../../sentence/sentence.ts';
import type { ClauseKind } from '../kinds.ts';

export interface CategoryClause {
  is: 'category';
  ids: number[];
  /** Also what stands in the categories below. */
  below: boolean;
}

export const categoryClause: ClauseKind<CategoryClause> = {
  id: 'category',
  name: 'In a category',
  find: ['category', 'categories', 'in', 'tree', 'below'],
  schema: object({
    is: string()
      .oneOf(['category'] as const)
      .required(),
    ids: array(idSchema).max(200).required(),
    below: boolean().required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'category', ids: [], below: true }),
  say: ({ ids, below }, names) =>
    ids.length === 0
      ? 'in a category still to be chosen'
      : `in ${listed(
          ids.map((id) => names.category(id) ?? 'a category that is gone'),
          'or',
        )}${below ? ' and below' : ''}`,
  gone: ({ ids }, names) => ids.filter((id) => !names.category(id)).map((id) => `category ${id}`),
  holds: ({ ids, below }, product, { tree }) =>
    ids.some((id) =>
      (below ? tree.withBelow(id) : [id]).some((wanted) => product.categoryIds.includes(wanted)),
    ),
};
