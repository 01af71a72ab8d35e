import { partKind, partKinds } from '../card/parts/index.ts';
import { idsOnce } from '../schema/idsOnce.ts';
import { array, boolean, number, object, string, type Schema } from '../schema/schema.ts';
import type { FitColumn } from './columnFit.ts';

export const COLUMN_ALIGNS = ['start', 'center', 'end'] as const;
export type ColumnAlign = (typeof COLUMN_ALIGNS)[number];

/** A column of a table: a part of the card, under that part's id. */
export interface TableColumn extends FitColumn {
  id: string;
  /** Absent for the start. */
  align?: ColumnAlign | undefined;
  /** Shoppers can sort by it, where its part can be sorted by. */
  sort?: boolean | undefined;
  /** What stands above it; absent for its usual heading. */
  words?: string | undefined;
}

/** The column that names the rows; it never leaves. */
export const TITLE_COLUMN = 'title';

export const MOST_COLUMNS = 16;
export const MOST_SHARE = 12;
/** Smallest width that a column may be given, and the greatest, px. */
export const COLUMN_PX = { least: 32, most: 600 };
export const LONGEST_HEADING = 40;

const ids = partKinds.map(({ id }) => id);

export const columnsSchema = array(
  object({
    id: string().oneOf(ids, 'A column shows a part that cards have.').required(),
    share: number().integer().min(0).max(MOST_SHARE).required(),
    least: number().integer().min(COLUMN_PX.least).max(COLUMN_PX.most).required(),
    align: string().oneOf(COLUMN_ALIGNS),
    leaves: number().integer().min(1).max(MOST_COLUMNS),
    sort: boolean(),
    words: string().max(LONGEST_HEADING),
  })
    .noUnknown()
    .required(),
)
  .max(MOST_COLUMNS, `A table can have at most ${MOST_COLUMNS} columns.`)
  .test('once', 'A column is there twice.', idsOnce)
  .test(
    'title',
    'A table keeps its title: it names the rows, and does not leave.',
    (columns: readonly ({ id?: string; leaves?: number } | null | undefined)[] | undefined) =>
      (columns ?? []).some((one) => one?.id === TITLE_COLUMN && one.leaves === undefined),
  )
  .required() as unknown as Schema<TableColumn[]>;

const AT_FIRST = { share: 1, least: 88 } as const;

/** The setting that holds the columns, and what of it one is gone to by. */
export const COLUMNS_SETTING = 'layoutOwn.table.columns';
export const columnSetting = (id: string): string => `${COLUMNS_SETTING}.${id}`;

/** The column that is gone to; null for none. */
export const columnOfSetting = (setting: string | null): string | null =>
  setting?.startsWith(columnSetting('')) ? setting.slice(columnSetting('').length) : null;

/** A part as a column of its own, as its kind has it at first. */
export function columnOf(id: string): TableColumn {
  const { sorts, ...own } = partKind(id)?.column ?? {};
  return { id, ...AT_FIRST, ...own, ...(sorts && { sort: true }) };
}
