import { ownWords, readsWords, saidWith } from '../ownWords.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

export const categoryPart = partKindOf({
  id: 'category',
  of: ['products'],
  name: 'Category',
  find: ['category', 'kind', 'department'],
  atFirst: false,
  settings: ownWords('Category'),
  needs: ['category'],
  text: TEXT,
  reads: readsWords,
  view: (item, own) => saidWith(own, item.of === 'products' ? item.product.category : null),
  fullest: (view) => view,
  words: ({ text }) => text,
  widthPx: ({ text }) => widthOf(text, TEXT),
  heightPx: ({ text }, _, widthPx) => linesOf(text, TEXT, widthPx) * TEXT.linePx,
  say: () => 'category',
});
