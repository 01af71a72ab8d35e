import { counted } from '../../sentence/sentence.ts';
import { partKindOf } from '../partKind.ts';

const TEXT = { fontPx: 14, linePx: 20 };

export const countPart = partKindOf({
  id: 'count',
  of: ['categories', 'collections'],
  name: 'Number of products',
  find: ['count', 'number', 'products'],
  atFirst: true,
  settings: {},
  needs: [],
  text: TEXT,
  reads: () => null,
  view: (item) => {
    if (item.of === 'categories') return { text: counted(item.category.products, 'product') };
    return item.of === 'collections' ? { text: counted(item.collection.products, 'product') } : null;
  },
  fullest: (view) => view,
  heightPx: () => TEXT.linePx,
  say: () => 'number of products',
});
