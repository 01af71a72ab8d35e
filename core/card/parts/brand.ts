import { linePartOf } from '../linePart.ts';

export const brandPart = linePartOf({
  id: 'brand',
  of: ['products'],
  name: 'Brand',
  find: ['brand', 'vendor'],
  needs: ['brand'],
  column: { sorts: () => ['brand', 'brand-down'] },
  words: (item) => (item.of === 'products' ? item.product.brand : null),
});
