import { ratioValue } from '../card.ts';
import { faceOf } from '../item.ts';
import { OFS, type PartKind } from '../partKind.ts';

export const picturePart: PartKind = {
  id: 'picture',
  of: OFS,
  name: 'Picture',
  find: ['picture', 'image', 'photograph', 'ratio', 'proportions', 'fill', 'whole', 'crop'],
  atFirst: true,
  view: (item, { labels }) => ({
    part: 'picture',
    picture: faceOf(item).picture,
    labels,
  }),
  heightPx: (_, card, widthPx) => widthPx / ratioValue(card.picture.ratio),
  say: (card) => `picture ${card.picture.ratio}${card.picture.fit === 'whole' ? ' shown whole' : ''}`,
};
