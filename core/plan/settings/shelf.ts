import { assortmentSettings } from './assortment.ts';
import { settings, type Setting } from './setting.ts';
import { acrossSettings } from './shelfAcross.ts';
import { cardSettings } from './shelfCard.ts';
import { formSettings } from './shelfForm.ts';

const shows = settings('shelf', 'shows', [
  {
    id: 'assortmentId',
    name: 'Saved assortment',
    find: ['saved', 'assortment', 'shared'],
    say: (v, names) =>
      v === null
        ? 'an assortment of its own'
        : `the assortment "${names.assortment(v as string) ?? 'that is gone'}"`,
  },
  ...assortmentSettings,
  {
    id: 'notTwice',
    name: 'Not twice on a page',
    find: ['twice', 'same', 'above', 'repeat'],
    say: (v) => (v ? 'without what stands above it' : 'with what stands above it too'),
  },
]);

export const shelfSettings: readonly Setting[] = [
  ...shows,
  ...formSettings,
  ...acrossSettings,
  ...cardSettings,
  ...settings('shelf', 'shows', [
    { id: 'name', name: 'Name in your list', find: ['name'], say: (v) => `named "${String(v)}"` },
  ]),
];
