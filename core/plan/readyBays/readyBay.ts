import type { StoredAssortment } from '../../assortment/assortment.ts';
import type { Bands } from '../../bands/bands.ts';
import type { StoredBay } from '../../bays/index.ts';
import { writePath } from '../../settings/path.ts';
import type { Arrangement } from '../arrangements/arrangement.ts';
import type { StoredShelf } from '../shelf.ts';

/** A whole ready-made bay: heading, what its shelf shows, and how it is arranged. */
export interface ReadyBay {
  id: string;
  heading: string;
  /** What it is for, in a sentence. */
  about: string;
  /** Kinds of page it makes sense on; null for every kind. */
  on: readonly string[] | null;
  assortment: StoredAssortment;
  arrangement: Arrangement;
  /** Leave out what is shown above it. */
  notTwice: boolean;
}

/** The bay with its shelf, under an id of their own. */
export function makeReadyBay(
  ready: ReadyBay,
  id: string,
  bands: Bands,
): { bay: StoredBay; shelves: StoredShelf[] } {
  const shelf: StoredShelf = {
    id,
    name: ready.heading,
    assortment: ready.assortment,
    ...(ready.notTwice && { notTwice: true }),
  };
  for (const [path, value] of Object.entries(ready.arrangement.settings(bands)))
    writePath(shelf, path, value);
  return { bay: { id, holds: 'shelf', shelfId: id, heading: { words: ready.heading } }, shelves: [shelf] };
}
