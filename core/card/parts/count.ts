import { counted } from '../../sentence/sentence.ts';
import type { PartKind } from '../partKind.ts';
import { cardText } from '../text.ts';

export const countPart: PartKind = {
  id: 'count',
  of: ['categories', 'collections'],
  name: 'Number of products',
  find: ['count', 'number', 'products'],
  atFirst: true,
  view: (item) =>
    item.of === 'categories'
      ? { part: 'count', text: counted(item.category.products, 'piece') }
      : item.of === 'collections'
        ? { part: 'count', text: counted(item.collection.products, 'piece') }
        : null,
  heightPx: () => cardText.count.linePx,
  say: () => 'number of products',
};
