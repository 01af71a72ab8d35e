import { array, boolean, idSchema, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';
import { chosen, goneOf, named, orOf } from './chosen.ts';

export interface CategoryClause {
  is: 'category';
  ids: number[];
  /** Also what stands in the categories below. */
  below: boolean;
}

const GONE = 'a category that is gone';

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
    ...chosen(named(ids, names.category, GONE), 'a category still to be chosen'),
    ...(ids.length && below ? [' and below'] : []),
  ],
  looksAt: ['categoryIds'],
  gone: ({ ids }, names) => goneOf(ids, names.category, 'category'),
  holds: ({ ids, below }, product, { tree }) =>
    ids.some((id) =>
      (below ? tree.withBelow(id) : [id]).some((wanted) => product.categoryIds.includes(wanted)),
    ),
  against: ({ ids, below }, product, _, names) =>
    `it stands in ${product.categoryIds.length ? orOf(named(product.categoryIds, names.category, GONE)) : 'no category'}; the rule wants ${orOf(named(ids, names.category, GONE))}${below ? ' or below' : ''}`,
};
