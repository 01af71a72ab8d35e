import type { Goods } from '../goods/goods.ts';
import type { GoodsEdit } from '../goods/goodsEdit.ts';
import type { FieldType } from '../groupings/grouping.ts';
import { array, boolean, object, string, type Schema } from '../schema/schema.ts';
import type { DecimalMark } from './amount.ts';
import type { NewGoods, OutcomeIs } from './compare.ts';
import { FORMATS, SEPARATOR_IDS, type Dialect, type FileFormat } from './dialect.ts';
import { ENCODING_IDS } from './encoding.ts';
import type { RowFault } from './importRow.ts';
import type { Made } from './lookup.ts';
import type { Matching, SampledColumn } from './matching.ts';
import type { How } from './targets.ts';

/** A file may be so large, bytes. */
export const MOST_IMPORT_BYTES = 100 * 1024 * 1024;
export const MOST_COLUMNS = 500;
/** Products that are shown of what would happen, and rows of what cannot be imported. */
export const MOST_SHOWN = 200;
/** Longest name of a file that is kept. */
export const LONGEST_FILE_NAME = 200;

/** How a file is read, all of which its owner can change. */
export interface ImportSettings {
  dialect: Dialect;
  /** Null for the one that its numbers are found to have. */
  decimal: DecimalMark | null;
  matching: Matching;
}

export const importSettingsSchema = object({
  dialect: object({
    format: string()
      .oneOf(Object.keys(FORMATS) as FileFormat[])
      .required(),
    encoding: string().oneOf(ENCODING_IDS).required(),
    separator: string().oneOf(SEPARATOR_IDS).required(),
    quote: string()
      .oneOf(['"', "'"] as const)
      .required(),
    header: boolean().required(),
  })
    .noUnknown()
    .required(),
  decimal: string()
    .oneOf(['.', ','] as const)
    .nullable()
    .defined(),
  matching: array(string().max(80).nullable().defined()).max(MOST_COLUMNS).required(),
})
  .noUnknown()
  .required() as unknown as Schema<ImportSettings>;

/** A product that would be changed, or was. */
export interface ChangedSample {
  line: number;
  goods: Pick<Goods, 'id' | 'title' | 'variants'>;
  edits: readonly GoodsEdit[];
  /** Variants that it does not have yet. */
  added: number;
}

export interface NewSample {
  line: number;
  goods: Pick<NewGoods, 'title' | 'code' | 'categoryIds'> & { price: number; variants: number };
}

/** What the rows of a file come to. */
export interface Found {
  rows: number;
  /** Products; of those that are refused, rows. */
  counts: Record<OutcomeIs, number>;
  /** Of each column: rows where it is empty, and letters of the longest. */
  columns: { empty: number; longest: number }[];
  /** The first of them. */
  new: NewSample[];
  changed: ChangedSample[];
  refused: RowFault[];
  /** What is named and not there; of ids below nothing. */
  made: Made;
  /** Tags that no product has yet. */
  newTags: number;
  /** Pictures that are named and that the store does not have, or has several of; those products keep theirs. */
  lostPictures: number;
  /** The first of their names. */
  lost: string[];
}

export type ImportIs = 'comparing' | 'compared' | 'writing' | 'written' | 'undoing' | 'undone' | 'failed';

/** Work is done on it just now. */
export const isBusy = (is: ImportIs): boolean => is === 'comparing' || is === 'writing' || is === 'undoing';

/** What undoing left as it is: a product, and what of it. */
export interface LeftOver {
  title: string;
  why: string;
}

/** The last import that was written, which can be undone. */
export interface LastImport {
  id: number;
  fileName: string;
  /** ISO 8601. */
  writtenAt: string;
  products: number;
}

/** The last file of products that was sent, and how far it has come. */
export interface ImportState {
  id: number;
  fileName: string;
  is: ImportIs;
  /** Why it failed, or why nothing was written. */
  fault: string | null;
  settings: ImportSettings;
  columns: SampledColumn[];
  /** How each column is read. */
  hows: How[];
  /** Rows that the work at hand has come through. */
  rowsRead: number;
  /** Null until it was read once. */
  found: Found | null;
  leftOver: LeftOver[] | null;
  /** The store's own that columns can hold. */
  own: {
    options: { name: string }[];
    fields: { id: string; name: string; type: FieldType; unit: string }[];
  };
}
