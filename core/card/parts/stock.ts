import { stockWords } from '../../catalogue/stockWords.ts';
import { linePartOf } from '../linePart.ts';

export const stockPart = linePartOf({
  id: 'stock',
  of: ['products'],
  name: 'Stock',
  find: ['stock', 'left', 'available', 'sold out'],
  column: { least: 112, sorts: () => ['stock', 'stock-down'] },
  words: (item, { texts }) => (item.of === 'products' ? stockWords(item.product.stock, texts) : null),
});
