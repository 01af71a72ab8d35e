import { plainClause } from './plainClause.ts';

export type FeaturedClause = { is: 'featured' };

export const featuredClause = plainClause('featured', 'marked as featured', {
  name: 'Marked as featured',
  find: ['featured', 'marked', 'favourite'],
  looksAt: ['featured'],
  holds: (_, product) => product.featured,
  against: () => 'it is not marked as featured',
});
