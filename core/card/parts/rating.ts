import { partKindOf } from '../partKind.ts';
import { widthOf } from '../text.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

/** Five stars with the space after them, px. */
const STARS_PX = 5 * 13 + 11;

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
  view: (item) => (item.of === 'products' && item.product.rating ? { ...item.product.rating } : null),
  fullest: (view) => view,
  widthPx: ({ mean, count }) => STARS_PX + widthOf(`${mean.toFixed(1)} (${count})`, TEXT),
  heightPx: () => TEXT.linePx,
  say: () => 'rating',
});
