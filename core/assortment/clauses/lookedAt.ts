import { plainClause } from './plainClause.ts';

export type LookedAtClause = { is: 'lookedAt' };

export const lookedAtClause = plainClause('lookedAt', 'recently viewed by this shopper', {
  fromWhere: true,
  name: 'Looked at by this shopper',
  find: ['looked', 'viewed', 'recently', 'history', 'shopper'],
  looksAt: [],
  holds: (_, product, { lookedAt }) => lookedAt.includes(product.id),
  against: (_, __, { lookedAt }) =>
    lookedAt.length ? 'this shopper has not viewed it' : 'this shopper has viewed nothing yet',
  reads: 'lookedAt',
});
