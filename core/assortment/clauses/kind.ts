import { array, object, string } from '../../schema/schema.ts';
import { PRODUCT_KINDS, type ProductKind } from '../../catalogue/productKinds.ts';
import type { ClauseKind } from '../kinds.ts';
import { chosen } from './chosen.ts';

export interface KindClause {
  is: 'kind';
  kinds: ProductKind[];
}

export const kindWords: Record<ProductKind, string> = {
  single: 'single products',
  variants: 'products with variants',
  set: 'sets',
  digital: 'digital goods',
};

export const kindClause: ClauseKind<KindClause> = {
  id: 'kind',
  name: 'Of a kind',
  find: ['kind', 'type', 'single', 'variants', 'set', 'digital'],
  schema: object({
    is: string()
      .oneOf(['kind'] as const)
      .required(),
    kinds: array(string().oneOf(PRODUCT_KINDS).required()).max(PRODUCT_KINDS.length).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'kind', kinds: ['set'] }),
  say: ({ kinds }) =>
    chosen(
      kinds.map((kind) => kindWords[kind]),
      'of a kind still to be chosen',
    ),
  looksAt: ['kind'],
  gone: () => [],
  holds: ({ kinds }, product) => kinds.includes(product.kind),
  against: (_, product) => `it is one of the ${kindWords[product.kind]}`,
};
