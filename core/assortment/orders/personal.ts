import { relatedness } from '../related.ts';
import { LAST, plainOrder } from './plain.ts';

export const lookedAtOrder = plainOrder(
  'lookedAt',
  'Most recently viewed',
  'most recently viewed first',
  ['looked', 'recently viewed', 'history'],
  [],
  (product, { lookedAt }) => {
    const at = lookedAt.indexOf(product.id);
    return [at < 0 ? LAST : at];
  },
  { reads: 'lookedAt' },
);

export const relatedOrder = plainOrder(
  'related',
  'Most related',
  'most related first',
  ['related', 'similar'],
  ['tags', 'categoryIds', 'price', 'reduced', 'orders'],
  (product, world) => [-relatedness(product, world)],
  { reads: 'product' },
);
