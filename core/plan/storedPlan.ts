import { LRUCache } from 'lru-cache';
import { bayTree, isBayKind, type Bay, type StoredBay } from '../bays/index.ts';
import type { Bands } from '../bands/bands.ts';
import { complete, type Around } from '../settings/complete.ts';
import { readPath } from '../settings/path.ts';
import { followedOfHouse } from '../settings/setting.ts';
import { keptStyle } from '../style/keptStyle.ts';
import { houseSettings, type House, type StoredHouse } from './house.ts';
import { isRemoved, pageSettings, type Page, type StoredPage } from './page.ts';
import { asLaidOut } from './like.ts';
import type { Plan } from './plan.ts';
import { withGiven } from './sameAs.ts';
import { completeSaved, type SavedAssortment, type StoredSaved } from './savedAssortment.ts';
import { completeShelf, type StoredShelf } from './shelf.ts';

/**
 * The arrangement as it is stored, sparse: what was set, and nothing else. Commands change this one; the complete
 * plan is made from it.
 */
export interface StoredPlan {
  house: StoredHouse;
  pages: Readonly<Record<string, StoredPage>>;
  shelves: Readonly<Record<string, StoredShelf>>;
  assortments: Readonly<Record<string, StoredSaved>>;
}

/** Keeps what was made from an object for as long as what it was completed with stays the same. */
function kept<S extends object, C>(make: (stored: S, around: Around) => C) {
  const known = new WeakMap<S, { around: Around; made: C }>();
  return (stored: S, around: Around): C => {
    let found = known.get(stored);
    if (found?.around !== around) known.set(stored, (found = { around, made: make(stored, around) }));
    return found.made;
  };
}

const completeBay = kept((stored: StoredBay, around: Around): Bay => {
  const tree = bayTree(stored.holds);
  const bay = complete(tree, stored, around) as unknown as Bay;
  const style = keptStyle(stored.style, around.bands, bay.style);
  return { ...bay, style, id: stored.id, holds: stored.holds } as unknown as Bay;
});

const completePage = kept((stored: StoredPage, around: Around): Page => {
  const made = complete(pageSettings, stored, around);
  return {
    ...made,
    style: keptStyle(stored.style, around.bands, made.style),
    id: stored.id,
    kind: stored.kind,
    bays: stored.bays.filter((bay) => isBayKind(bay.holds)).map((bay) => completeBay(bay, around)),
  };
});

const shelfOf = kept(completeShelf);
const savedOf = kept((stored: StoredSaved): SavedAssortment => completeSaved(stored));

const houses = new WeakMap<StoredHouse, { house: House; around: Around }>();

/** How many of a kind are remembered: of a draft and of what was published, and some besides. */
const REMEMBERED = 16;

/** Gives the very same object as last time for what reads the same. */
function remembering<T extends object>(): (of: unknown, made: T) => T {
  const known = new LRUCache<string, T>({ max: REMEMBERED });
  return (of, made) => {
    const key = JSON.stringify(of);
    const found = known.get(key);
    if (!found) known.set(key, made);
    return found ?? made;
  };
}

/** Ranges that have the same ids and edges are the same bands, so that what goes by them alone stays. */
const sameBands = remembering<Bands>();

/** The same around documents where all that they follow of the house is the same: a colour touches none of them. */
const sameAround = remembering<Around>();
const followedOf = (house: House) => [...followedOfHouse].map((path) => readPath(house, path));

/** The house complete, and what all other documents are completed with. */
export function completeHouse(stored: StoredHouse): { house: House; around: Around } {
  let found = houses.get(stored);
  if (!found) {
    const own = stored.bands ?? houseSettingsBands();
    const bands = sameBands(own, own);
    const made = complete(houseSettings, stored, { bands, house: {} });
    const house = {
      ...made,
      bands: bands as House['bands'],
      style: keptStyle(stored.style, bands, made.style),
    };
    const around = sameAround([bands, followedOf(house)], { bands, house });
    houses.set(stored, (found = { house, around }));
  }
  return found;
}

const houseSettingsBands = (): Bands => {
  const { byDefault } = houseSettings.bands;
  return byDefault.is === 'value' ? (byDefault.value as Bands) : [];
};

const plans = new WeakMap<StoredPlan, Plan>();

/** The same for all documents of a kind. */
const all = <S, C>(make: (stored: S, around: Around) => C) =>
  kept((documents: Readonly<Record<string, S>>, around: Around): Readonly<Record<string, C>> =>
    Object.fromEntries(Object.entries(documents).map(([id, stored]) => [id, make(stored, around)])),
  );

const allPages = kept((documents: StoredPlan['pages'], around: Around): Plan['pages'] =>
  Object.fromEntries(
    Object.entries(documents)
      .filter(([, page]) => !isRemoved(page))
      .map(([id, page]) => [id, completePage(withGiven(documents, page), around)]),
  ),
);
const allShelves = kept((documents: StoredPlan['shelves'], around: Around): Plan['shelves'] =>
  Object.fromEntries(
    Object.entries(documents).map(([id, stored]) => [id, shelfOf(asLaidOut(documents, stored), around)]),
  ),
);
const allSaved = all(savedOf);

/** The complete plan of a stored one. What did not change is the very same object as before. */
export function completePlan(stored: StoredPlan): Plan {
  let found = plans.get(stored);
  if (!found) {
    const { house, around } = completeHouse(stored.house);
    found = {
      house,
      pages: allPages(stored.pages, around),
      shelves: allShelves(stored.shelves, around),
      assortments: allSaved(stored.assortments, around),
    };
    plans.set(stored, found);
  }
  return found;
}

export const aroundOf = (stored: StoredPlan): Around => completeHouse(stored.house).around;
