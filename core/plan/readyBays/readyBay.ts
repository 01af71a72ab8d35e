import type { StoredAssortment } from '../../assortment/assortment.ts';
import type { Bands } from '../../bands/bands.ts';
import type { StoredBay } from '../../bays/index.ts';
import { writePath } from '../../settings/path.ts';
import type { Arrangement } from '../arrangements/arrangement.ts';
import type { StoredShelf } from '../shelf.ts';

/** What ready-made bays are for, in the order offered. */
export const READY_GROUPS = {
  products: 'Products',
  categories: 'Categories and collections',
  texts: 'Text and pictures',
  shopper: 'For the shopper',
} as const;
export type ReadyGroup = keyof typeof READY_GROUPS;

/** A bay with the shelves that come with it. */
export interface MadeBay {
  bay: StoredBay;
  shelves: StoredShelf[];
}

/** A whole ready-made bay, filled so that it can be judged at once. */
export interface ReadyBay {
  id: string;
  heading: string;
  /** What it is for, in a sentence. */
  about: string;
  group: ReadyGroup;
  /** Kinds of page it makes sense on; null for every kind. */
  on: readonly string[] | null;
  /** Under an id of its own, with which those of its shelves begin. */
  make(id: string, bands: Bands): MadeBay;
}

/** One with a shelf: what that shows, and how it is arranged. */
export interface ReadyShelf extends Omit<ReadyBay, 'make'> {
  assortment: StoredAssortment;
  arrangement: Arrangement;
  /** Leave out what is shown above it. */
  notTwice: boolean;
}

export const readyShelf = ({ assortment, arrangement, notTwice, ...ready }: ReadyShelf): ReadyBay => ({
  ...ready,
  make(id, bands) {
    const shelf: StoredShelf = { id, name: ready.heading, assortment, ...(notTwice && { notTwice: true }) };
    for (const [path, value] of Object.entries(arrangement.settings(bands))) writePath(shelf, path, value);
    return {
      bay: { id, holds: 'shelf', shelfId: id, heading: { words: ready.heading } },
      shelves: [shelf],
    };
  },
});
