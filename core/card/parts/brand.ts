import { linePartOf } from '../linePart.ts';

export const brandPart = linePartOf({
  id: 'brand',
  of: ['products'],
  name: 'Brand',
  find: ['brand', 'vendor'],
  needs: ['brand'],
  words: (item) => (item.of === 'products' ? item.product.brand : null),
});
