import { ownWords, readsWords, saidWith } from '../ownWords.ts';
import { partKindOf } from '../partKind.ts';
import { linesOf, widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

export const brandPart = partKindOf({
  id: 'brand',
  of: ['products'],
  name: 'Brand',
  find: ['brand', 'vendor'],
  atFirst: false,
  settings: ownWords('Brand'),
  needs: ['brand'],
  text: TEXT,
  reads: readsWords,
  view: (item, own) => saidWith(own, item.of === 'products' ? item.product.brand : null),
  fullest: (view) => view,
  words: ({ text }) => text,
  widthPx: ({ text }) => widthOf(text, TEXT),
  heightPx: ({ text }, _, widthPx) => linesOf(text, TEXT, widthPx) * TEXT.linePx,
  say: () => 'brand',
});
