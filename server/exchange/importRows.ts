import type { Found, ImportIs, ImportSettings, LeftOver } from '../../core/exchange/importState.ts';
import type { FormerMatching, SampledColumn } from '../../core/exchange/matching.ts';
import type { Named } from '../../core/exchange/lookup.ts';
import type { OwnTargets } from '../../core/exchange/ownTargets.ts';
import { readTagNames } from '../catalogue/tagNames.ts';
import { Fault } from '../faults.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';

/** A file as it is stored. */
export interface ImportRow {
  id: number;
  file_name: string;
  bytes: number;
  sent_at: Date;
  state: ImportIs;
  run: number;
  settings: ImportSettings;
  columns: SampledColumn[];
  rows_read: number;
  found: Found | null;
  written_at: Date | null;
  fault: string | null;
  made: MadeIds | null;
  left_over: LeftOver[] | null;
}

/** Ids of what an import made besides products. */
export interface MadeIds {
  brands: number[];
  categories: number[];
  collections: number[];
  options: number[];
  values: number[];
  /** Numbers of fields. */
  fields: number[];
  /** Numbers of tags. */
  tags: number[];
}

const CHUNK = 1024 * 1024;

/** The last file that was sent; null where there is none. */
export async function readImportRow(db: Queryable): Promise<ImportRow | null> {
  const { rows } = await db.query<ImportRow>('SELECT * FROM goods_import ORDER BY id DESC LIMIT 1');
  return rows[0] ?? null;
}

/** Stores a file in place of the one before, unless that one can still be undone. Returns its id. */
export const insertImport = (
  pool: Pool,
  file: Buffer,
  {
    fileName,
    settings,
    columns,
    now,
  }: { fileName: string; settings: ImportSettings; columns: SampledColumn[]; now: number },
): Promise<number> =>
  inTransaction(pool, async (client) => {
    const { rows: others } = await client.query<{ state: ImportIs }>(
      'SELECT state FROM goods_import FOR UPDATE',
    );
    if (others.some(({ state }) => state === 'writing' || state === 'undoing'))
      throw new Fault('import-busy');
    // Of what was written, what can be undone is kept until the next is written.
    await client.query(`DELETE FROM goods_import WHERE state NOT IN ('written', 'writing', 'undoing')`);
    const { rows } = await client.query<{ id: number }>(
      `INSERT INTO goods_import (file_name, bytes, sent_at, state, settings, columns) VALUES ($1, $2, $3, 'comparing', $4, $5) RETURNING id`,
      [fileName, file.length, new Date(now), JSON.stringify(settings), JSON.stringify(columns)],
    );
    const { id } = rows[0]!;
    for (let chunk = 0; chunk * CHUNK < file.length; chunk += 1)
      await client.query('INSERT INTO goods_import_chunk (import_id, chunk, bytes) VALUES ($1, $2, $3)', [
        id,
        chunk,
        file.subarray(chunk * CHUNK, (chunk + 1) * CHUNK),
      ]);
    return id;
  });

/** The bytes of a file, chunk by chunk. */
export async function* readChunks(db: Queryable, id: number): AsyncGenerator<Uint8Array> {
  for (let chunk = 0; ; chunk += 1) {
    const { rows } = await db.query<{ bytes: Buffer }>(
      'SELECT bytes FROM goods_import_chunk WHERE import_id = $1 AND chunk = $2',
      [id, chunk],
    );
    if (!rows[0]) return;
    yield rows[0].bytes;
  }
}

/** The store's own options and fields. */
export async function readOwn(db: Queryable): Promise<OwnTargets> {
  const [options, fields] = await Promise.all([
    db.query<{ name: string }>('SELECT name FROM option ORDER BY position, id'),
    db.query<OwnTargets['fields'][number]>('SELECT id, name, type, unit FROM field ORDER BY position, id'),
  ]);
  return { options: options.rows, fields: fields.rows };
}

/** What products name. @param pictures with pictures, which may be many */
export async function readNamed(db: Queryable, { pictures = false } = {}): Promise<Named> {
  const brands = await db.query<Named['brands'][number]>('SELECT id, name FROM brand ORDER BY id');
  const categories = await db.query<Named['categories'][number]>(
    'SELECT id, parent_id AS "parentId", name FROM category ORDER BY id',
  );
  const options = await db.query<Named['options'][number]>(
    `SELECT o.id, o.name, coalesce((SELECT jsonb_agg(jsonb_build_object('id', v.id, 'name', v.name) ORDER BY v.position, v.id)
       FROM option_value v WHERE v.option_id = o.id), '[]') AS values FROM option o ORDER BY o.position, o.id`,
  );
  const collections = await db.query<Named['collections'][number]>(
    'SELECT id, name, rule IS NOT NULL AS "byRule" FROM collection ORDER BY id',
  );
  const tags = await readTagNames(db);
  return {
    brands: brands.rows,
    categories: categories.rows,
    collections: collections.rows,
    pictures: pictures ? await readPictureNames(db) : [],
    options: options.rows,
    tags,
  };
}

async function readPictureNames(db: Queryable): Promise<{ id: string; name: string }[]> {
  const { rows } = await db.query<{ id: string; name: string }>('SELECT id, name FROM picture ORDER BY id');
  return rows;
}

export async function readFormer(db: Queryable): Promise<FormerMatching> {
  const { rows } = await db.query<{ name: string; target: string | null }>(
    'SELECT name, target FROM goods_import_column',
  );
  return Object.fromEntries(rows.map(({ name, target }) => [name, target]));
}

export async function keepFormer(db: Queryable, matching: FormerMatching): Promise<void> {
  await db.query(
    `INSERT INTO goods_import_column (name, target) SELECT key, value FROM jsonb_each_text($1)
     ON CONFLICT (name) DO UPDATE SET target = excluded.target`,
    [JSON.stringify(matching)],
  );
}
