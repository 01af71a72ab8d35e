import type { Choice } from './choice.ts';
import type { Among, ListingIndex } from './listingIndex.ts';

/** Whether a product, or one of its variants, holds for what is chosen. */
export type Passes = (place: number, variant: number) => boolean;

/** What is chosen, as a question to an index. */
export function passesOf(index: ListingIndex, choice: Choice): Passes {
  const column = index.column(choice.filter);
  const first = column.rows.first.at;
  const begins = column.rows.begins.at;
  const values = column.rows.values.at;
  if (column.is === 'span') {
    const { least, most } = 'span' in choice ? choice.span : { least: null, most: null };
    const [from, to] = [least ?? -Infinity, most ?? Infinity];
    return (place, variant) => {
      const start = first[place];
      if (!start) return false;
      const at = begins[start + variant]!;
      return at < begins[start + variant + 1]! && values[at]! >= from && values[at]! <= to;
    };
  }
  const chosen = new Uint8Array(column.keys.length);
  for (const key of 'keys' in choice ? choice.keys : []) {
    const code = column.codeOf(key);
    if (code !== undefined) chosen[code] = 1;
  }
  return (place, variant) => {
    const start = first[place];
    if (!start) return false;
    const end = begins[start + variant + 1]!;
    for (let at = begins[start + variant]!; at < end; at += 1) if (chosen[values[at]!] === 1) return true;
    return false;
  };
}

/** The products of which all of this holds; each of a product as a whole, and none of its variants. */
export function amongWhere(index: ListingIndex, all: readonly Passes[], inStockOnly: boolean): Among {
  const size = index.size();
  const ids = index.ids();
  const stocked = index.stocked();
  const mask = new Uint8Array(size);
  for (let place = 0; place < size; place += 1)
    if (ids[place] !== 0 && !(inStockOnly && stocked[place] === 0) && all.every((passes) => passes(place, 0)))
      mask[place] = 1;
  return mask;
}
