import { ownWords, readsWords, saidWith } from '../ownWords.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 14, linePx: 20, weight: 400 };

export const countPart = partKindOf({
  id: 'count',
  of: ['categories', 'collections'],
  name: 'Number of products',
  find: ['count', 'number', 'products'],
  atFirst: true,
  settings: ownWords('Number of products'),
  needs: [],
  text: TEXT,
  reads: readsWords,
  view: (item, own, { texts }) => {
    if (item.of === 'categories') return saidWith(own, texts.products(item.category.products));
    return item.of === 'collections' ? saidWith(own, texts.products(item.collection.products)) : null;
  },
  fullest: (view) => view,
  words: ({ text }) => text,
  widthPx: ({ text }) => widthOf(text, TEXT),
  heightPx: ({ text }, _, widthPx) => linesOf(text, TEXT, widthPx) * TEXT.linePx,
  say: () => 'number of products',
});
