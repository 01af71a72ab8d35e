import { plainOrder } from './plain.ts';

/** So many ratings at the store's mean are added to each product's own, so that one review does not lead. */
export const ADDED_RATINGS = 5;

/**
 * The key of the rating order: round(10⁶ · (5·mean + sum) / (5 + n)), halves up, in whole numbers throughout.
 * @param meanRating the store's mean, millionths
 */
export function ratingKey(sum: number, count: number, meanRating: number): number {
  const over = 2 * (ADDED_RATINGS * meanRating + 1_000_000 * sum) + (ADDED_RATINGS + count);
  const under = 2 * (ADDED_RATINGS + count);
  return (over - (over % under)) / under;
}

export const ratingOrder = plainOrder(
  'rating',
  'Rating',
  'best rated first',
  ['rating', 'stars', 'best rated'],
  ['ratingSum', 'ratingCount'],
  (product, world) => [-ratingKey(product.ratingSum, product.ratingCount, world.meanRating)],
);
