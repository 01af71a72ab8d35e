import { columnOf, type Column, type KeptColumn } from './column.ts';
import { filterId, type Filter } from './filters/index.ts';
import type { ListingRecord } from './record.ts';

/** Which products are in, by their places in an index; null for all of them. */
export type Among = Uint8Array | null;

/** All products of a store, ready to be counted by any filter; each can be put in anew, or taken out. */
export interface ListingIndex {
  /** Places that there are, taken or not. */
  size(): number;
  /** How many products there are. */
  count(): number;
  idAt(place: number): number | null;
  variantsAt(place: number): number;
  /** A mask of these products; ones that are unknown are left out. */
  among(ids: Iterable<number>): Uint8Array;
  /** What each product has of a filter; made when it is first asked for. */
  column(filter: Filter): Column;
  put(record: ListingRecord): void;
  remove(id: number): void;
}

export function listingIndex(records: Iterable<ListingRecord>): ListingIndex {
  const places = new Map<number, number>();
  const kept: (ListingRecord | null)[] = [];
  const columns = new Map<string, KeptColumn>();
  const set = (place: number, record: ListingRecord | null) => {
    kept[place] = record;
    for (const { put } of columns.values()) put(place, record);
  };
  const put = (record: ListingRecord) => {
    const place = places.get(record.id) ?? kept.length;
    places.set(record.id, place);
    set(place, record);
  };
  for (const record of records) put(record);
  return {
    size: () => kept.length,
    count: () => places.size,
    idAt: (place) => kept[place]?.id ?? null,
    variantsAt: (place) => kept[place]?.variants.length ?? 0,
    among(ids) {
      const mask = new Uint8Array(kept.length);
      for (const id of ids) {
        const place = places.get(id);
        if (place !== undefined) mask[place] = 1;
      }
      return mask;
    },
    column(filter) {
      const id = filterId(filter);
      let column = columns.get(id);
      if (!column) {
        column = columnOf(filter);
        kept.forEach((record, place) => column!.put(place, record));
        columns.set(id, column);
      }
      return column.column;
    },
    put,
    remove(id) {
      const place = places.get(id);
      if (place === undefined) return;
      places.delete(id);
      // Its place stays empty: places of others are asked for by whoever holds a mask.
      set(place, null);
    },
  };
}
