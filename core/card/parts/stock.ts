import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

export const stockPart = partKindOf({
  id: 'stock',
  of: ['products'],
  name: 'Stock',
  find: ['stock', 'left', 'available', 'sold out'],
  atFirst: false,
  settings: {},
  needs: [],
  text: TEXT,
  reads: () => null,
  view: (item, _, { texts }) => {
    if (item.of !== 'products') return null;
    const { state, count } = item.product.stock;
    if (state === 'last') return { text: texts.fewLeft(count) };
    return { text: state === 'in' ? texts.inStock : texts.soldOut };
  },
  fullest: (view) => view,
  words: ({ text }) => text,
  widthPx: ({ text }) => widthOf(text, TEXT),
  heightPx: ({ text }, _, widthPx) => linesOf(text, TEXT, widthPx) * TEXT.linePx,
  say: () => 'stock',
});
