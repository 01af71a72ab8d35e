import { ratioValue } from '../card.ts';
import type { PartKind } from '../partKind.ts';

export const picturePart: PartKind = {
  id: 'picture',
  of: ['products', 'categories'],
  name: 'Picture',
  find: ['picture', 'image', 'photograph', 'ratio', 'proportions', 'fill', 'whole', 'crop'],
  atFirst: true,
  view: (item, { labels }) => ({
    part: 'picture',
    picture: (item.of === 'products' ? item.product.pictures[0] : item.category.picture) ?? null,
    labels,
  }),
  heightPx: (_, card, widthPx) => widthPx / ratioValue(card.picture.ratio),
  say: (card) => `picture ${card.picture.ratio}${card.picture.fit === 'whole' ? ' shown whole' : ''}`,
};
