import { plainClause } from './plainClause.ts';

export type SameBrandClause = { is: 'sameBrand' };

export const sameBrandClause = plainClause('sameBrand', 'of the same brand as the product of the page', {
  fromWhere: true,
  name: 'Same brand as the product of the page',
  find: ['brand', 'maker', 'same', 'more of', 'vendor'],
  looksAt: ['brandId'],
  holds: (_, { id, brandId }, { product }) =>
    product !== null && product.id !== id && brandId !== null && product.brandId === brandId,
  against: (_, { id }, { product }) => {
    if (!product) return 'this page is not about a product';
    if (product.id === id) return 'it is the product of the page itself';
    return product.brandId === null
      ? 'the product of the page has no brand'
      : 'it is of another brand, or of none';
  },
  reads: 'product',
});
