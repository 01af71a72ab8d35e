import { partKind } from '../card/parts/index.ts';
import type { Of } from '../assortment/of.ts';
import type { Shelf } from '../plan/shelf.ts';
import { keptFor } from './keptFor.ts';

const kept = keptFor<Shelf, Shelf>();

/** A shelf with those columns of its table only that its items have; the same one where that is all of them. */
export function columnsFor(shelf: Shelf, of: Of): Shelf {
  const { table } = shelf.layoutOwn;
  const isOf = ({ id }: { id: string }) => partKind(id)?.of.includes(of) ?? false;
  if (table.columns.every(isOf)) return shelf;
  return kept(shelf, [of], () => ({
    ...shelf,
    layoutOwn: { ...shelf.layoutOwn, table: { ...table, columns: table.columns.filter(isOf) } },
  }));
}
