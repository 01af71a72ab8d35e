import { groupId } from '../../group/storeGroup.ts';
import { integer } from '../../settings/values.ts';
import { setting } from '../../settings/setting.ts';
import type { Item } from '../item.ts';
import { partKindOf } from '../partKind.ts';
import type { PictureFacts } from '../../catalogue/facts.ts';

/** So many times as wide as high it is at most. */
const WIDEST = 4;

interface Said {
  icon: { facts: PictureFacts; widthPx: number; heightPx: number };
}

function groupOf(item: Item): string | null {
  if (item.of === 'categories') return groupId('category', item.category.id);
  return item.of === 'collections' ? groupId('collection', item.collection.id) : null;
}

/** A small picture that stands for a category or a collection throughout the store, besides its own picture. */
export const iconPart = partKindOf({
  id: 'icon',
  of: ['categories', 'collections'],
  name: 'Icon',
  find: ['icon', 'sign', 'small picture'],
  atFirst: false,
  settings: {
    size: setting(integer(16, 96, 'px', { step: 4 }), 32, {
      name: 'Icon: height',
      find: ['icon', 'size', 'height'],
      about: 'Which icon each has is set for the whole store, under Page settings.',
    }),
  },
  needs: [],
  text: null,
  reads: ({ size }) => ({ size }),
  view: (item, { size }, { groups, pictures }): Said | null => {
    const id = groupOf(item);
    const icon = groups.find((one) => one.id === id)?.icon;
    const facts = pictures.find((one) => one.id === icon);
    if (!facts) return null;
    const widthPx = Math.round(Math.min(WIDEST, facts.width / facts.height) * size);
    return { icon: { facts, widthPx, heightPx: size } };
  },
  fullest: (view) => view,
  widthPx: ({ icon }) => icon.widthPx,
  heightPx: ({ icon }) => icon.heightPx,
  say: () => 'icon',
});
