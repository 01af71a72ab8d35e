import { everShown } from '../card/shown.ts';
import { layoutKind, LAYOUT_IDS } from '../layouts/index.ts';
import type { Shelf } from './shelf.ts';

type Saying = Pick<Shelf, 'card' | 'layout' | 'layoutOwn'>;

const known = new WeakMap<Saying, readonly string[]>();

function made(shelf: Saying): string[] {
  const layouts = LAYOUT_IDS.filter((id) => Object.values(shelf.layout).includes(id)).map(layoutKind);
  const columns = new Set(layouts.flatMap((kind) => kind.table?.(shelf).map(({ id }) => id) ?? []));
  const cards = layouts.some(({ table }) => !table);
  return shelf.card.order.filter((id) => columns.has(id) || (cards && everShown(shelf.card, id)));
}

/** Parts that a shelf says of its items, at one width or another: on its cards, or as columns of its table. */
export function saidParts(shelf: Saying): readonly string[] {
  let found = known.get(shelf);
  if (!found) known.set(shelf, (found = made(shelf)));
  return found;
}
