import { linePartOf } from '../linePart.ts';

export const codePart = linePartOf({
  id: 'code',
  of: ['products'],
  name: 'Item code',
  find: ['code', 'number', 'article', 'sku'],
  needs: ['code'],
  column: { sorts: () => ['code', 'code-down'] },
  words: (item) => (item.of === 'products' ? item.product.code : null),
});
