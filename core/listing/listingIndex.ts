import { columnOf, type Column, type KeptColumn } from './column.ts';
import { filterId, type Filter } from './filters/index.ts';
import type { ListingRecord } from './record.ts';
import { wholes } from './rows.ts';

/** Which products are in, by their places in an index: 1 for those that are. */
export type Among = Uint8Array;

/** All products of a store, ready to be counted by any filter; each can be put in anew, or taken out. */
export interface ListingIndex {
  /** Places that there are, taken or not. */
  size(): number;
  /** How many products there are. */
  count(): number;
  /** By place, the id of its product; 0 where there is none. */
  ids(): Int32Array;
  placeOf(id: number): number | undefined;
  /** By place, how many variants its product has; -1 where there is none. */
  variants(): Int32Array;
  /** By place, whether its product is in stock: one of its variants is. */
  stocked(): Int32Array;
  /** What each product has of a filter. */
  column(filter: Filter): Column;
  put(record: ListingRecord): void;
  remove(id: number): void;
  /** More of it is left over than is in use, so that it had better be made anew. */
  isWorn(): boolean;
}

/** Filters of which every product may have something; those of options and fields come with the products. */
const ALWAYS: readonly Filter[] = [
  { by: 'category' },
  { by: 'price' },
  { by: 'stock' },
  { by: 'rating' },
  { by: 'brand' },
  { by: 'tag' },
  { by: 'reduced' },
];

export function listingIndex(records: Iterable<ListingRecord>): ListingIndex {
  const places = new Map<number, number>();
  const ids = wholes();
  const variants = wholes();
  const stocked = wholes();
  const columns = new Map<string, KeptColumn>();
  const known = { options: new Set<number>(), fields: new Set<string>() };
  const columnFor = (filter: Filter): KeptColumn => {
    const id = filterId(filter);
    const column = columns.get(id) ?? columnOf(filter);
    columns.set(id, column);
    return column;
  };
  for (const filter of ALWAYS) columnFor(filter);
  const meet = (record: ListingRecord) => {
    for (const variant of record.variants)
      for (const [option] of variant.values)
        if (!known.options.has(option)) {
          known.options.add(option);
          columnFor({ by: 'option', option });
        }
    for (const field of Object.keys(record.fields))
      if (!known.fields.has(field)) {
        known.fields.add(field);
        columnFor({ by: 'field', field });
        columnFor({ by: 'measure', field });
      }
  };
  const set = (place: number, record: ListingRecord | null) => {
    ids.set(place, record ? record.id : 0);
    variants.set(place, record ? record.variants.length : -1);
    stocked.set(place, record?.variants.some(({ available }) => available) ? 1 : 0);
    for (const { put } of columns.values()) put(place, record);
  };
  const put = (record: ListingRecord) => {
    meet(record);
    const place = places.get(record.id) ?? ids.size;
    places.set(record.id, place);
    set(place, record);
  };
  for (const record of records) put(record);
  return {
    size: () => ids.size,
    count: () => places.size,
    ids: () => ids.at,
    placeOf: (id) => places.get(id),
    variants: () => variants.at,
    stocked: () => stocked.at,
    // Of what nothing has there is none; asking for it leaves nothing behind.
    column: (filter) => (columns.get(filterId(filter)) ?? columnOf(filter)).column,
    put,
    remove(id) {
      const place = places.get(id);
      if (place === undefined) return;
      places.delete(id);
      // Its place stays empty: whoever holds places of others goes on with them.
      set(place, null);
    },
    isWorn: () => [...columns.values()].some(({ column }) => column.rows.isWorn()),
  };
}

/** A mask of these products; ones that are unknown are left out. */
export function amongIds(index: ListingIndex, ids: Iterable<number>): Among {
  const mask = new Uint8Array(index.size());
  for (const id of ids) {
    const place = index.placeOf(id);
    if (place !== undefined) mask[place] = 1;
  }
  return mask;
}
