import { relatedness } from '../related.ts';
import type { Around } from '../kinds.ts';
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

/** What the page is about as a list of its own: places in it, those that are not in it last. */
const placeIn = (of: 'saved' | 'search', around: Around, id: number): number => {
  const at = around?.of === of ? around.ids.indexOf(id) : -1;
  return at < 0 ? LAST : at;
};

export const savedOrder = plainOrder(
  'saved',
  'Most recently saved',
  'most recently saved first',
  ['saved', 'later', 'wish'],
  [],
  (product, { around }) => [placeIn('saved', around, product.id)],
  { reads: 'around' },
);

export const bestMatchOrder = plainOrder(
  'bestMatch',
  'Best match',
  'best match first',
  ['search', 'found', 'relevance', 'match'],
  [],
  (product, { around }) => [placeIn('search', around, product.id)],
  // Of two that match alike, the one that sold more comes first.
  { reads: 'around', changing: 'daily' },
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
