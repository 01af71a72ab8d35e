import { partKindOf } from '../partKind.ts';

const TEXT = { fontPx: 13, linePx: 18, weight: 400 };

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
  heightPx: () => TEXT.linePx,
  say: () => 'rating',
});
