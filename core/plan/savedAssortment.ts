import {
  assortmentSettings,
  completeAssortment,
  type Assortment,
  type StoredAssortment,
} from '../assortment/assortment.ts';
import { OFS, type Of } from '../assortment/of.ts';
import { name } from '../settings/values.ts';
import { placed, setting, type PlacedSetting, type Tree } from '../settings/setting.ts';
import { LONGEST_NAME } from './words.ts';

/** A selection that is kept under a name and can be shown by any number of shelves. */
export interface SavedAssortment {
  id: string;
  name: string;
  assortment: Assortment;
}

export interface StoredSaved {
  id: string;
  name?: string;
  assortment: StoredAssortment;
}

/** What can be set of a saved assortment besides what it is of. */
export const savedTree = {
  name: setting(name(LONGEST_NAME, 'An assortment needs a name.'), 'Assortment', {
    name: 'Name',
    find: ['name'],
    say: (value) => `named "${value}"`,
  }),
} satisfies Tree;

const settings = new Map<Of, PlacedSetting[]>(
  OFS.map((of) => [of, placed('assortment', 'shows', { ...savedTree, assortment: assortmentSettings[of] })]),
);

/** Every setting of a saved assortment of a kind of item, each with its place. */
export const savedSettings = (of: Of): readonly PlacedSetting[] => settings.get(of)!;

export const completeSaved = (stored: StoredSaved): SavedAssortment => ({
  id: stored.id,
  name: stored.name ?? 'Assortment',
  assortment: completeAssortment(stored.assortment),
});
