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

export const savedOrder = plainOrder(
  'saved',
  'Most recently saved',
  'most recently saved first',
  ['saved', 'later', 'wish'],
  [],
  (product, { around }) => {
    const at = around?.of === 'saved' ? around.ids.indexOf(product.id) : -1;
    return [at < 0 ? LAST : at];
  },
  { reads: 'around' },
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
