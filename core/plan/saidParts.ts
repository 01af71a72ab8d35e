import { everShown } from '../card/shown.ts';
import { drawsCards, layoutKind } from '../layouts/index.ts';
import type { Shelf } from './shelf.ts';

type Saying = Pick<Shelf, 'card' | 'layout' | 'layoutOwn'>;

const known = new WeakMap<Saying, readonly string[]>();

function made(shelf: Saying): string[] {
  const layouts = Object.values(shelf.layout);
  const columns = new Set(
    layouts.flatMap(
      (id) =>
        layoutKind(id)
          .table?.(shelf)
          .map((one) => one.id) ?? [],
    ),
  );
  const cards = drawsCards(layouts);
  return shelf.card.order.filter((id) => columns.has(id) || (cards && everShown(shelf.card, id)));
}

/** Parts that a shelf says of its items, at one width or another: on its cards, or as columns of its table. */
export function saidParts(shelf: Saying): readonly string[] {
  let found = known.get(shelf);
  if (!found) known.set(shelf, (found = made(shelf)));
  return found;
}
