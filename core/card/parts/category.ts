import { linePartOf } from '../linePart.ts';

export const categoryPart = linePartOf({
  id: 'category',
  of: ['products'],
  name: 'Category',
  find: ['category', 'kind', 'department'],
  needs: ['category'],
  words: (item) => (item.of === 'products' ? item.product.category : null),
});
