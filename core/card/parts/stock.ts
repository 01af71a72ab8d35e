import { linePartOf } from '../linePart.ts';

export const stockPart = linePartOf({
  id: 'stock',
  of: ['products'],
  name: 'Stock',
  find: ['stock', 'left', 'available', 'sold out'],
  words: (item, { texts }) => {
    if (item.of !== 'products') return null;
    const { state, count } = item.product.stock;
    return { in: texts.inStock, last: texts.fewLeft(count), out: texts.soldOut }[state];
  },
});
