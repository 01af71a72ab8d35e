import type { FilterKey } from './filterKind.ts';
import { filterKind, type Filter } from './filters/index.ts';
import type { ListingRecord, ListingVariant } from './record.ts';

const NO_VARIANT: ListingVariant = { values: [], paid: 0, available: false };

/** What each product has of one filter, ready to be counted: keys as small whole numbers. */
export interface ValuesColumn {
  is: 'values';
  ofVariant: boolean;
  /** By code. */
  keys: FilterKey[];
  codeOf(key: FilterKey): number | undefined;
  /** Codes by place of the product; of a filter of variants, of one variant after the other. */
  rows: readonly (readonly (readonly number[])[])[];
}

export interface SpanColumn {
  is: 'span';
  ofVariant: boolean;
  /** Figures by place of the product, of one variant after the other; NaN where there is none. */
  rows: readonly (readonly number[])[];
}

export type Column = ValuesColumn | SpanColumn;

/** A column that is kept up to date, a product at a time. */
export interface KeptColumn {
  column: Column;
  put(place: number, record: ListingRecord | null): void;
}

/** One row for a filter of the product itself, else one for each of its variants. */
const variantsOf = (record: ListingRecord | null, ofVariant: boolean): readonly ListingVariant[] => {
  if (!record) return [];
  return ofVariant ? record.variants : [NO_VARIANT];
};

export function columnOf(filter: Filter): KeptColumn {
  const kind = filterKind(filter.by);
  const { ofVariant } = kind;
  if (kind.chooses === 'span') {
    const rows: number[][] = [];
    return {
      column: { is: 'span', ofVariant, rows },
      put(place, record) {
        rows[place] = variantsOf(record, ofVariant).map(
          (variant) => kind.figure(filter, record!, variant) ?? NaN,
        );
      },
    };
  }
  const codes = new Map<FilterKey, number>();
  const keys: FilterKey[] = [];
  const rows: (readonly (readonly number[])[])[] = [];
  // Many products have the very same, so that is held once.
  const alike = new Map<string, readonly (readonly number[])[]>();
  const codeOf = (key: FilterKey): number => {
    let code = codes.get(key);
    if (code === undefined) {
      code = keys.length;
      codes.set(key, code);
      keys.push(key);
    }
    return code;
  };
  return {
    column: { is: 'values', ofVariant, keys, codeOf: (key) => codes.get(key), rows },
    put(place, record) {
      const row = variantsOf(record, ofVariant).map((variant) =>
        kind.keys(filter, record!, variant).map(codeOf),
      );
      const said = row.map((one) => `${one.join()};`).join('');
      const known = alike.get(said);
      if (!known) alike.set(said, row);
      rows[place] = known ?? row;
    },
  };
}
