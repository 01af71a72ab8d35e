import { newAssortment } from '../../core/assortment/assortment.ts';
import { orderKind, type Order } from '../../core/assortment/orders/index.ts';
import { HOUR_MS } from '../../core/assortment/orders/shuffled.ts';
import type { ListingIndex } from '../../core/listing/listingIndex.ts';
import { ALL, RULE, ruleRead } from '../../core/view/reads.ts';
import { readProductIds } from '../assortments/productIds.ts';
import type { SqlWorld } from '../assortments/statement.ts';
import type { Queryable } from '../db/pool.ts';

/** Orders that are kept at once; the one that was asked for longest ago goes first. */
const MOST_KEPT = 12;
const EVERY_PRODUCT = 10_000_000;

/** All products of a store in the orders that lists have, kept in the process. */
export interface Orders {
  /** Places of an index in this order; null where it is a shopper's own, or stands in the list itself. */
  places(order: Order, index: ListingIndex, world: SqlWorld): Promise<Int32Array> | null;
  changed(names: readonly string[]): void;
}

interface KeptOrder {
  places: Promise<Int32Array>;
  /** Whose places they are; those of another are not the same. */
  of: ListingIndex;
  reads: ReadonlySet<string>;
}

export function orders(db: Queryable): Orders {
  const kept = new Map<string, KeptOrder>();
  const read = async (order: Order, index: ListingIndex, world: SqlWorld): Promise<Int32Array> => {
    const every = { ...newAssortment('products'), order, soldOut: 'asTheyCome' as const };
    const { ids } = await readProductIds(db, every, [], world, {
      start: 0,
      count: EVERY_PRODUCT,
      without: [],
    });
    return Int32Array.from(ids.flatMap((id) => index.placeOf(id) ?? []));
  };
  return {
    places(order, index, world) {
      const kind = orderKind(order.by);
      if (kind.reads || order.by === 'asNamed') return null;
      // What goes by the day or the hour is another order the next.
      const key = JSON.stringify([
        order,
        world.today,
        kind.changing === 'hourly' || order.by === 'shuffled' ? Math.floor(world.now / HOUR_MS) : 0,
      ]);
      let found = kept.get(key);
      if (found?.of !== index) {
        const made: KeptOrder = {
          places: read(order, index, world),
          of: index,
          reads: new Set([ALL, RULE, ...kind.looksAt.map(ruleRead)]),
        };
        made.places.catch(() => kept.get(key) === made && kept.delete(key));
        found = made;
      }
      kept.delete(key);
      kept.set(key, found);
      if (kept.size > MOST_KEPT) kept.delete(kept.keys().next().value!);
      return found.places;
    },
    changed(names) {
      for (const [key, { reads }] of kept) if (names.some((name) => reads.has(name))) kept.delete(key);
    },
  };
}
