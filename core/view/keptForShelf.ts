import type { Bands } from '../bands/bands.ts';
import { keptFor } from './keptFor.ts';
import type { CardView, ShelfView } from './view.ts';

const known = new WeakMap<ShelfView, string>();

/** Which shelf, and all of its geometry, as one text: two shelves may show the very same cards. */
function geometryOf(shelf: ShelfView): string {
  let text = known.get(shelf);
  if (text === undefined)
    known.set(shelf, (text = JSON.stringify([shelf.id, shelf.steps, shelf.room, shelf.held])));
  return text;
}

/**
 * Keeps what was found of the cards of a shelf while its cards, their settings and its geometry are as they were, though
 * the view was made again since something else was changed.
 */
export function keptForShelf<V>() {
  const keep = keptFor<readonly CardView[], V>();
  /** @param also what it is made from besides */
  return (shelf: ShelfView, bands: Bands, make: () => V, ...also: readonly unknown[]): V =>
    keep(shelf.cards, [shelf.card, bands, geometryOf(shelf), ...also], make);
}
