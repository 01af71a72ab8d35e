import { linePartOf } from '../linePart.ts';

export const countPart = linePartOf({
  id: 'count',
  of: ['categories', 'collections'],
  name: 'Number of products',
  find: ['count', 'number', 'products'],
  atFirst: true,
  size: { fontPx: 14, linePx: 20, weight: 400 },
  words: (item, { texts }) => {
    if (item.of === 'categories') return texts.products(item.category.products);
    return item.of === 'collections' ? texts.products(item.collection.products) : null;
  },
});
