import { plainClause } from './plainClause.ts';

export type LookedAtClause = { is: 'lookedAt' };

export const lookedAtClause = plainClause('lookedAt', 'looked at by this shopper', {
  name: 'Looked at by this shopper',
  find: ['looked', 'viewed', 'recently', 'history', 'shopper'],
  looksAt: [],
  holds: (_, product, { lookedAt }) => lookedAt.includes(product.id),
  against: (_, __, { lookedAt }) =>
    lookedAt.length ? 'this shopper has not looked at it' : 'this shopper has looked at nothing yet',
  reads: 'lookedAt',
});
