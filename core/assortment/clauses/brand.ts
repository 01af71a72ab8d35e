import { array, idSchema, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';
import { chosen, goneOf, named, orOf } from './chosen.ts';

export interface BrandClause {
  is: 'brand';
  ids: number[];
}

const GONE = 'a brand that is gone';

export const brandClause: ClauseKind<BrandClause> = {
  id: 'brand',
  name: 'Of a brand',
  find: ['brand', 'maker', 'vendor', 'made by'],
  schema: object({
    is: string()
      .oneOf(['brand'] as const)
      .required(),
    ids: array(idSchema).max(200).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'brand', ids: [] }),
  say: ({ ids }, names) => ['by ', ...chosen(named(ids, names.brand, GONE), 'a brand still to be chosen')],
  looksAt: ['brandId'],
  gone: ({ ids }, names) => goneOf(ids, names.brand, 'brand'),
  holds: ({ ids }, product) => product.brandId !== null && ids.includes(product.brandId),
  against: ({ ids }, product, _, names) =>
    `it is by ${product.brandId === null ? 'nobody named' : (names.brand(product.brandId) ?? GONE)}; the rule wants ${orOf(named(ids, names.brand, GONE))}`,
};
