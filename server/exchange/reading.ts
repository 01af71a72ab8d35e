import { readColumn, type ReadColumn } from '../../core/exchange/importRow.ts';
import type { NewField } from '../../core/exchange/lookup.ts';
import type { Queryable } from '../db/pool.ts';
import { readDraftHouse } from '../drafts/draftRows.ts';
import { readChunks, readOwn, type ImportRow } from './importRows.ts';
import { readAs } from './lookAt.ts';
import { readRows, type FileRow } from './readFile.ts';

/** A file as it is read: its rows, the names of its columns, and how each of them is read. */
export interface Reading {
  rows: AsyncGenerator<FileRow>;
  names: string[];
  /** Null for those that are left out. */
  columns: (ReadColumn | null)[];
  /** Whether a column names pictures. */
  pictures: boolean;
  /** Fields that are made for columns. */
  makes: NewField[];
}

/** Begins to read a stored file as its owner has said. */
export async function readingOf(db: Queryable, { id, settings, columns }: ImportRow): Promise<Reading> {
  const [own, { currency }] = await Promise.all([readOwn(db), readDraftHouse(db)]);
  const { targets, hows } = readAs(columns, settings, own, currency);
  const names = columns.map(({ name }) => name);
  return {
    rows: readRows(readChunks(db, id), settings.dialect, names),
    names,
    pictures: targets.some((target) => target?.fact === 'pictureIds'),
    makes: targets.flatMap((target) => target?.makes ?? []),
    columns: targets.map((target, at) => (target ? readColumn(target, hows[at]!) : null)),
  };
}
