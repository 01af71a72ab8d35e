import type { FilterKey } from './filterKind.ts';
import { filterKind, type Filter } from './filters/index.ts';
import type { ListingRecord, ListingVariant } from './record.ts';
import { figures, Rows, wholes } from './rows.ts';

const NO_VARIANT: ListingVariant = { values: [], paid: 0, available: false };

interface ColumnOf {
  /** A row for each variant of a product; else one for each product. */
  ofVariant: boolean;
}

/** What each product has of one filter, ready to be counted: keys as small whole numbers. */
export interface ValuesColumn extends ColumnOf {
  is: 'values';
  /** By code. */
  keys: readonly FilterKey[];
  codeOf(key: FilterKey): number | undefined;
  /** Codes. */
  rows: Rows<Int32Array>;
}

export interface SpanColumn extends ColumnOf {
  is: 'span';
  /** One figure to a row, or none. */
  rows: Rows<Float64Array>;
}

export type Column = ValuesColumn | SpanColumn;

/** A column that is kept up to date, a product at a time. */
export interface KeptColumn {
  column: Column;
  put(place: number, record: ListingRecord | null): void;
}

export function columnOf(filter: Filter): KeptColumn {
  const kind = filterKind(filter.by);
  const { ofVariant } = kind;
  const rowsOf = <T>(
    record: ListingRecord | null,
    row: (record: ListingRecord, variant: ListingVariant) => T,
  ) => {
    if (!record) return [];
    return ofVariant ? record.variants.map((variant) => row(record, variant)) : [row(record, NO_VARIANT)];
  };
  if (kind.chooses === 'span') {
    const rows = new Rows(figures());
    return {
      column: { is: 'span', ofVariant, rows },
      put: (place, record) =>
        rows.put(
          place,
          rowsOf(record, (one, variant) => {
            const figure = kind.figure(filter, one, variant);
            return figure === null ? [] : [figure];
          }),
        ),
    };
  }
  const codes = new Map<FilterKey, number>();
  const keys: FilterKey[] = [];
  const rows = new Rows(wholes());
  const codeOf = (key: FilterKey): number => {
    const known = codes.get(key);
    if (known !== undefined) return known;
    codes.set(key, keys.length);
    return keys.push(key) - 1;
  };
  return {
    column: { is: 'values', ofVariant, keys, codeOf: (key) => codes.get(key), rows },
    put: (place, record) =>
      rows.put(
        place,
        rowsOf(record, (one, variant) => kind.keys(filter, one, variant).map(codeOf)),
      ),
  };
}
