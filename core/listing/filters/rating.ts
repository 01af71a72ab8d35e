import type { ValuesFilterKind } from '../filterKind.ts';

export interface RatingFilter {
  by: 'rating';
}

/** At least so many stars. */
export const STARS = [4, 3, 2, 1] as const;

export const ratingFilter: ValuesFilterKind<RatingFilter> = {
  id: 'rating',
  name: 'Rating',
  find: ['rating', 'stars', 'reviews'],
  offers: () => [{ by: 'rating' }],
  named: () => 'Rating',
  title: ({ ratingFilter }) => ratingFilter,
  chooses: 'one',
  drawn: 'list',
  says: (key, { starsAndMore }) => starsAndMore(Number(key)),
  ofVariant: false,
  looksAt: ['ratingSum', 'ratingCount'],
  keys: (_, { ratingSum, ratingCount }) =>
    ratingCount === 0 ? [] : STARS.filter((stars) => ratingSum >= stars * ratingCount),
};
