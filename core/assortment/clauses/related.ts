import { LEAST_RELATED, relatedness } from '../related.ts';
import { plainClause } from './plainClause.ts';

export type RelatedClause = { is: 'related' };

export const relatedClause = plainClause('related', 'related to the product of the page', {
  fromWhere: true,
  name: 'Related to the product of the page',
  find: ['related', 'similar', 'goes with', 'bought together'],
  looksAt: ['tags', 'categoryIds', 'price', 'reduced', 'orders'],
  holds: (_, product, world) => relatedness(product, world) >= LEAST_RELATED,
  against: (_, product, world) => {
    if (!world.product) return 'this page is not about a product';
    if (world.product.id === product.id) return 'it is the product of the page itself';
    return `it is too little like ${JSON.stringify(world.product.titleKey)}: ${relatedness(product, world)} of ${LEAST_RELATED} points`;
  },
  reads: 'product',
});
