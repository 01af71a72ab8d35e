import type { ValuesFilterKind } from '../filterKind.ts';

export interface RatingFilter {
  by: 'rating';
}

/** At least so many stars. */
const STARS = [4, 3, 2, 1] as const;

export const ratingFilter: ValuesFilterKind<RatingFilter> = {
  id: 'rating',
  parameter: 'rating',
  offers: () => [{ by: 'rating' }],
  named: () => 'Rating',
  title: ({ ratingFilter }) => ratingFilter,
  chooses: 'one',
  drawn: 'list',
  read: (said) => STARS.find((stars) => String(stars) === said) ?? null,
  mostFirst: true,
  says: (key, { starsAndMore }) => starsAndMore(Number(key)),
  ofVariant: false,
  looksAt: ['ratingSum', 'ratingCount'],
  keys: (_, { ratingSum, ratingCount }) =>
    ratingCount === 0 ? [] : STARS.filter((stars) => ratingSum >= stars * ratingCount),
};
