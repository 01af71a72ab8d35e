import { array, idSchema, object, string } from '../../schema/schema.ts';
import type { ClauseKind } from '../kinds.ts';
import { both, chosen, goneOf, named } from './chosen.ts';

export interface BrandClause {
  is: 'brand';
  ids: number[];
}

const GONE = 'a removed brand';

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
  either: (a, b) => ({ ...a, ids: both(a.ids, b.ids) }),
  holds: ({ ids }, product) => product.brandId !== null && ids.includes(product.brandId),
  against: (_, product, __, names) =>
    product.brandId === null ? 'it has no brand' : `its brand is ${names.brand(product.brandId) ?? GONE}`,
};
