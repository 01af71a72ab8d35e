import { partKindOf } from '../partKind.ts';
import { STAR_PX, STARS } from '../stars.ts';
import { widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

/** Between the stars and the figure, px. */
const GAP_PX = 6;

export const ratingPart = partKindOf({
  id: 'rating',
  of: ['products'],
  name: 'Rating',
  find: ['rating', 'stars', 'reviews'],
  atFirst: false,
  settings: {},
  needs: ['rating'],
  text: TEXT,
  reads: () => null,
  view: (item, _, { texts }) => {
    const rating = item.of === 'products' ? item.product.rating : null;
    return rating && { ...rating, words: texts.ratingShort(rating.mean, rating.count) };
  },
  fullest: (view) => view,
  words: ({ words }) => words,
  widthPx: ({ words }) => STARS * STAR_PX + GAP_PX + widthOf(words, TEXT),
  heightPx: () => TEXT.linePx,
  say: () => 'rating',
});
