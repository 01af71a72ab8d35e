import { number, object, string } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import type { ClauseKind } from '../kinds.ts';

export interface RatingClause {
  is: 'rating';
  /** Mean of 0..5 in tenths, at least. */
  tenths: number;
  /** From at least this many reviews. */
  reviews: number;
}

const stars = (tenths: number) => (tenths / 10).toFixed(1);

export const ratingClause: ClauseKind<RatingClause> = {
  id: 'rating',
  name: 'Rating',
  find: ['rating', 'rated', 'stars', 'reviews'],
  schema: object({
    is: string()
      .oneOf(['rating'] as const)
      .required(),
    tenths: number().integer().min(0).max(50).required(),
    reviews: number().integer().min(1).max(100_000).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'rating', tenths: 40, reviews: 3 }),
  say: ({ tenths, reviews }) => [
    'rated at least ',
    { text: stars(tenths), opens: 'clause' },
    ' by ',
    { text: counted(reviews, 'shopper'), opens: 'clause' },
    ' or more',
  ],
  looksAt: ['ratingSum', 'ratingCount'],
  gone: () => [],
  holds: ({ tenths, reviews }, { ratingSum, ratingCount }) =>
    ratingCount >= reviews && ratingSum * 10 >= tenths * ratingCount,
  against: (_, { ratingSum, ratingCount }) =>
    ratingCount === 0
      ? 'nobody has rated it'
      : `it is rated ${(ratingSum / ratingCount).toFixed(2)} by ${counted(ratingCount, 'shopper')}`,
};
