import type { PartKind } from '../partKind.ts';
import { cardText } from '../text.ts';

export const ratingPart: PartKind = {
  id: 'rating',
  of: ['products'],
  name: 'Rating',
  find: ['rating', 'stars', 'reviews'],
  atFirst: false,
  view: (item) =>
    item.of === 'products' && item.product.rating ? { part: 'rating', ...item.product.rating } : null,
  heightPx: () => cardText.rating.linePx,
  say: () => 'rating',
};
