import type { Order } from '../../core/assortment/orders/index.ts';
import { listingIndex, type ListingIndex } from '../../core/listing/listingIndex.ts';
import { ALL } from '../../core/view/reads.ts';
import type { SqlWorld } from '../assortments/statement.ts';
import type { Queryable } from '../db/pool.ts';
import { readListingRecords, readSomeListingRecords } from './listingRows.ts';
import { orders } from './orders.ts';

/** What listings read of all products, kept in the process. */
export interface Listings {
  /** As the catalogue is now: read when it is first asked for, and of each product again when that has changed. */
  index(): Promise<ListingIndex>;
  /** Places of all products in an order; null where that is not the same for everybody. */
  inOrder(order: Order, index: ListingIndex, world: SqlWorld): Promise<Int32Array> | null;
  /** The catalogue has changed, by the names of core/view/reads.ts. */
  changed(names: readonly string[]): void;
}

const ofProduct = /^product\.(\d+)$/;

export function listings(db: Queryable): Listings {
  const inOrders = orders(db);
  let kept: Promise<ListingIndex> | null = null;
  let altered = new Set<number>();
  /** Products that are read again, one lot after the other. */
  let reading: Promise<unknown> = Promise.resolve();

  const readAll = (): Promise<ListingIndex> => {
    altered = new Set();
    inOrders.changed([ALL]);
    const asked = readListingRecords(db).then(listingIndex);
    kept = asked;
    asked.catch(() => kept === asked && (kept = null));
    return asked;
  };

  const readAgain = async (index: ListingIndex): Promise<ListingIndex> => {
    const ids = [...altered];
    if (ids.length === 0) return index;
    altered = new Set();
    try {
      const records = await readSomeListingRecords(db, ids);
      const there = new Set(records.map(({ id }) => id));
      for (const record of records) index.put(record);
      for (const id of ids) if (!there.has(id)) index.remove(id);
    } catch (error) {
      for (const id of ids) altered.add(id);
      throw error;
    }
    if (index.isWorn()) kept = null;
    return index;
  };

  return {
    async index() {
      const index = await (kept ?? readAll());
      const now = reading.then(() => readAgain(index));
      reading = now.catch(() => undefined);
      return now;
    },
    inOrder: inOrders.places,
    changed(names) {
      inOrders.changed(names);
      if (names.includes(ALL)) kept = null;
      for (const name of names) {
        const id = ofProduct.exec(name)?.[1];
        if (id) altered.add(Number(id));
      }
    },
  };
}
