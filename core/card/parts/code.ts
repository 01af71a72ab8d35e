import { ownWords, readsWords, saidWith } from '../ownWords.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

export const codePart = partKindOf({
  id: 'code',
  of: ['products'],
  name: 'Item code',
  find: ['code', 'number', 'article', 'sku'],
  atFirst: false,
  settings: ownWords('Item code'),
  needs: ['code'],
  text: TEXT,
  reads: readsWords,
  view: (item, own) => saidWith(own, item.of === 'products' ? item.product.code : null),
  fullest: (view) => view,
  words: ({ text }) => text,
  widthPx: ({ text }) => widthOf(text, TEXT),
  heightPx: ({ text }, _, widthPx) => linesOf(text, TEXT, widthPx) * TEXT.linePx,
  say: () => 'item code',
});
