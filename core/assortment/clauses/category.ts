import { array, boolean, idSchema, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';
import { both, chosen, goneOf, named, orOf } from './chosen.ts';

export interface CategoryClause {
  is: 'category';
  ids: number[];
  /** Also what stands in the categories below. */
  below: boolean;
}

const GONE = 'a removed category';

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
  say: ({ ids, below }, names) => [
    'in ',
    ...chosen(named(ids, names.category, GONE), 'a category (not chosen yet)'),
    ...(ids.length && below ? [' and below'] : []),
  ],
  looksAt: ['categoryIds'],
  gone: ({ ids }, names) => goneOf(ids, names.category, 'category'),
  either: (a, b) => (a.below === b.below ? { ...a, ids: both(a.ids, b.ids) } : null),
  holds: ({ ids, below }, product, { tree }) =>
    ids.some((id) =>
      (below ? tree.withBelow(id) : [id]).some((wanted) => product.categoryIds.includes(wanted)),
    ),
  against: (_, product, __, names) =>
    `it is in ${product.categoryIds.length ? orOf(named(product.categoryIds, names.category, GONE)) : 'no category'}`,
};
