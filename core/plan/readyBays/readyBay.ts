import type { Assortment } from '../../assortment/assortment.ts';
import type { Bands } from '../../bands/bands.ts';
import { newCard, newShelf } from '../atFirst.ts';
import type { Arrangement } from '../arrangements/arrangement.ts';
import { shelfBay, type ShelfBay } from '../bays/shelf.ts';
import type { PageOf } from '../pageKinds.ts';
import { writePath } from '../settings/setting.ts';
import type { Shelf } from '../shelf.ts';

/** A whole bay made beforehand: heading, what its shelf shows, and how it is arranged. */
export interface ReadyBay {
  id: string;
  heading: string;
  /** What it is for, in a sentence. */
  about: string;
  /** Kinds of page it makes sense on; null for every kind. */
  on: readonly PageOf[] | null;
  assortment(): Assortment;
  arrangement: Arrangement;
  /** Leave out what stands above it. */
  notTwice: boolean;
}

/** The bay with its shelf, under an id of their own. */
export function makeReadyBay(ready: ReadyBay, id: string, bands: Bands): { bay: ShelfBay; shelf: Shelf } {
  const assortment = ready.assortment();
  const shelf: Shelf = {
    ...newShelf(id, bands, assortment.of),
    name: ready.heading,
    assortment,
    notTwice: ready.notTwice,
    card: newCard(assortment.of, bands),
  };
  for (const [path, value] of Object.entries(ready.arrangement.settings(bands)))
    writePath(shelf, path, value);
  const bay = shelfBay.atFirst(id, bands[0]!.id);
  return { bay: { ...bay, heading: { ...bay.heading, words: ready.heading } }, shelf };
}
