import { objectAt, type Old, type UpgradeStep } from './step.ts';

/** What could be left out of a product, in the order in which it always stood; the title could not. */
const STOOD = [
  'labels',
  'brand',
  'title',
  'price',
  'rating',
  'shortText',
  'options',
  'stock',
  'buying',
  'save',
  'longText',
  'fields',
  'details',
];
/** All but this was shown where nothing was set. */
const HIDDEN = 'details';

/** What a product is told by came to be a list in any order, of which each was shown or not in an order of its own. */
export const toProductParts: UpgradeStep = {
  to: 7,
  page: (old) =>
    Array.isArray(old.bays) ? { ...old, bays: old.bays.map((bay) => withParts(bay as Old | null)) } : old,
};

function withParts(bay: Old | null): Old | null {
  if (objectAt(bay).holds !== 'product') return bay;
  const { shows, ...rest } = bay!;
  const set = objectAt(shows);
  const isShown = (id: string) => id === 'title' || (set[id] ?? id !== HIDDEN) === true;
  // What cannot be read is left for the sentence that says so.
  if (shows !== undefined && set !== shows) return bay;
  return {
    ...rest,
    parts: STOOD.filter(isShown).flatMap((id) => (id === 'buying' ? [{ id }, { id: 'ask' }] : [{ id }])),
  };
}
