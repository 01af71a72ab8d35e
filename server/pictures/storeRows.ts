import { randomBytes } from 'node:crypto';
import type { AnswerOf } from '../../core/api/contract.ts';
import type {
  countPictures,
  findPictures,
  PictureUses,
  PictureWords,
  StorePicture,
  WhichPictures,
} from '../../core/api/pictures.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';
import type { StoredFile } from './ingest.ts';
import { pictureJson } from './pictureRows.ts';

const AT_A_TIME = 60;

const ONE = `SELECT ${pictureJson('p', 'p.alt')} || jsonb_build_object('name', p.name, 'addedAt', to_char(p.added_at AT TIME ZONE 'UTC',
  'YYYY-MM-DD"T"HH24:MI:SS"Z"'), 'formerFile', p.former_file_id,
  'bytes', (SELECT octet_length(f.bytes) FROM picture_file f WHERE f.id = p.file_id)) AS one FROM picture p`;

/** Pictures as their owner sees them, by id; those that are gone are missing. */
export async function readStorePictures(db: Queryable, ids: readonly string[]): Promise<StorePicture[]> {
  const { rows } = await db.query<{ one: StorePicture }>(`${ONE} WHERE p.id = ANY($1)`, [ids]);
  return rows.map(({ one }) => one);
}

const readOne = async (db: Queryable, id: string): Promise<StorePicture | null> =>
  (await readStorePictures(db, [id]))[0] ?? null;

/** Cells of stored files, by their ids, as `readCells` reads them; those that are gone are missing. */
export async function readCellsOf(db: Queryable, files: readonly string[]): Promise<Record<string, string>> {
  const { rows } = await db.query<{ id: string; cells: string }>(
    `SELECT f.id, (SELECT string_agg(substr(cell->>'dark', 2) || substr(cell->>'light', 2), '' ORDER BY place)
       FROM jsonb_array_elements(f.grid) WITH ORDINALITY AS t(cell, place)) AS cells
     FROM picture_file f WHERE f.id = ANY($1)`,
    [files],
  );
  return Object.fromEntries(rows.map(({ id, cells }) => [id, cells]));
}

/** What is asked of pictures `p`. What a picture shows may be said where it is shown. */
const WHICH: Readonly<Record<WhichPictures, string>> = {
  all: 'true',
  unused: 'p.id NOT IN (SELECT id FROM used_picture)',
  unsaid: `p.alt = '' AND NOT EXISTS (SELECT FROM product_picture pp WHERE pp.picture_id = p.id AND pp.alt <> '')`,
  unnamed: `p.name = ''`,
};

interface Wanted {
  words: string;
  which: WhichPictures;
  from: number;
}

export async function findStorePictures(
  db: Queryable,
  { words, which, from }: Wanted,
): Promise<AnswerOf<typeof findPictures>> {
  const matches = `($1 = '' OR p.name ILIKE '%' || $1 || '%' OR p.alt ILIKE '%' || $1 || '%')`;
  const where = `${matches} AND ${WHICH[which]}`;
  const like = words.replace(/[\\%_]/g, '\\$&');
  const [found, counted] = await Promise.all([
    db.query<{ one: StorePicture }>(
      `${ONE} WHERE ${where} ORDER BY p.added_at DESC, p.name, p.id OFFSET $2 LIMIT ${AT_A_TIME}`,
      [like, from],
    ),
    db.query<{ total: number }>(`SELECT count(*)::int AS total FROM picture p WHERE ${where}`, [like]),
  ]);
  return { pictures: found.rows.map(({ one }) => one), total: counted.rows[0]!.total };
}

/** Pictures that nothing uses, the newest first. */
export async function findUnusedPictures(db: Queryable): Promise<{ id: string; name: string }[]> {
  const { rows } = await db.query<{ id: string; name: string }>(
    `SELECT p.id, p.name FROM picture p WHERE ${WHICH.unused} ORDER BY p.added_at DESC, p.name, p.id`,
  );
  return rows;
}

export async function countStorePictures(db: Queryable): Promise<AnswerOf<typeof countPictures>> {
  const { rows } = await db.query<AnswerOf<typeof countPictures>>(
    `SELECT ${Object.entries(WHICH)
      .map(([which, is]) => `(count(*) FILTER (WHERE ${is}))::int AS "${which}"`)
      .join(', ')} FROM picture p`,
  );
  return rows[0]!;
}

const insertFile = (db: Queryable, file: StoredFile) =>
  db.query(
    `INSERT INTO picture_file (id, width, height, bytes, dominant, placeholder, see_through, grid)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8) ON CONFLICT (id) DO NOTHING`,
    [
      file.id,
      file.width,
      file.height,
      file.bytes,
      file.dominant,
      file.placeholder,
      file.seeThrough,
      JSON.stringify(file.grid),
    ],
  );

/** Files that no picture shows or could put back. */
const dropLooseFiles = (db: Queryable, ids: readonly (string | null)[]) =>
  db.query<{ id: string }>(
    `DELETE FROM picture_file f WHERE id = ANY($1) AND NOT EXISTS (
       SELECT FROM picture p WHERE p.file_id = f.id OR p.former_file_id = f.id) RETURNING f.id`,
    [ids],
  );

export interface PictureStart {
  name?: string;
  alt?: string;
  focal?: { x: number; y: number };
}

/** Adds a picture of a file, or finds the one that shows it already. Its id is the file's, unless that is taken. */
export function insertPicture(
  pool: Pool,
  file: StoredFile,
  start: PictureStart = {},
): Promise<{ id: string; wasThere: boolean }> {
  return inTransaction(pool, (db) => addPictureRow(db, file, start));
}

/** The same, within a transaction. */
export async function addPictureRow(
  db: Queryable,
  file: StoredFile,
  { name = '', alt = '', focal = { x: 0.5, y: 0.5 } }: PictureStart,
): Promise<{ id: string; wasThere: boolean }> {
  await insertFile(db, file);
  // Whoever adds the same file meanwhile waits here.
  await db.query('SELECT FROM picture_file WHERE id = $1 FOR UPDATE', [file.id]);
  const there = await db.query<{ id: string }>(
    'SELECT id FROM picture WHERE file_id = $1 ORDER BY added_at, id LIMIT 1',
    [file.id],
  );
  if (there.rows[0]) return { id: there.rows[0].id, wasThere: true };
  const insert = (id: string) =>
    db.query(
      `INSERT INTO picture (id, file_id, name, alt, focal_x, focal_y) VALUES ($1, $2, $3, $4, $5, $6)
       ON CONFLICT (id) DO NOTHING`,
      [id, file.id, name, alt, focal.x, focal.y],
    );
  if ((await insert(file.id)).rowCount) return { id: file.id, wasThere: false };
  const id = randomBytes(32).toString('hex');
  await insert(id);
  return { id, wasThere: false };
}

/** Null where there is no such picture. */
export function replaceFile(pool: Pool, id: string, file: StoredFile): Promise<StorePicture | null> {
  return inTransaction(pool, async (db) => {
    const { rows } = await db.query<{ file_id: string; former_file_id: string | null }>(
      'SELECT file_id, former_file_id FROM picture WHERE id = $1 FOR UPDATE',
      [id],
    );
    const before = rows[0];
    if (!before) return null;
    if (before.file_id !== file.id) {
      await insertFile(db, file);
      await db.query('UPDATE picture SET file_id = $2, former_file_id = $3 WHERE id = $1', [
        id,
        file.id,
        before.file_id,
      ]);
      await dropLooseFiles(db, [before.former_file_id]);
    }
    return readOne(db, id);
  });
}

/** Changes places between the file that is shown and the one before; null where there is none before. */
export async function putFormerBack(db: Queryable, id: string): Promise<StorePicture | null> {
  await db.query(
    `UPDATE picture SET file_id = former_file_id, former_file_id = file_id
     WHERE id = $1 AND former_file_id IS NOT NULL`,
    [id],
  );
  return readOne(db, id);
}

export async function changeWords(
  db: Queryable,
  { id, name, alt, focal }: PictureWords,
): Promise<StorePicture | null> {
  await db.query('UPDATE picture SET name = $2, alt = $3, focal_x = $4, focal_y = $5 WHERE id = $1', [
    id,
    name,
    alt,
    focal.x,
    focal.y,
  ]);
  return readOne(db, id);
}

/** Null where there is no such picture. */
export async function readUses(db: Queryable, id: string): Promise<PictureUses | null> {
  const { rows } = await db.query<{ uses: PictureUses }>(
    `SELECT jsonb_build_object(
       'catalogue', coalesce((SELECT jsonb_agg(to_jsonb(u) - 'at' ORDER BY u.at, u.name) FROM (
          SELECT 1 AS at, 'product' AS of, title AS name, slug FROM product
            WHERE id IN (SELECT product_id FROM product_picture WHERE picture_id = $1
              UNION SELECT product_id FROM variant WHERE picture_id = $1)
          UNION ALL SELECT 2, 'category', name, slug FROM category WHERE picture_id = $1
          UNION ALL SELECT 3, 'collection', name, slug FROM collection WHERE picture_id = $1
          UNION ALL SELECT 4, 'entry', title, slug FROM journal_entry WHERE picture_id = $1
          UNION ALL SELECT 5, 'value', v.name, NULL FROM option_value v WHERE v.picture_id = $1
          LIMIT 200) u), '[]'),
       'documents', coalesce((SELECT jsonb_agg(key ORDER BY key) FROM draft_document
          WHERE body IS NOT NULL AND $1 IN (SELECT names_pictures(body))), '[]'),
       'live', EXISTS (SELECT FROM release_picture r JOIN live USING (release_number) WHERE r.picture_id = $1),
       'releases', (SELECT count(*) FROM release_picture WHERE picture_id = $1)) AS uses
     FROM picture WHERE id = $1`,
    [id],
  );
  return rows[0]?.uses ?? null;
}

/** Takes away those that nothing uses; gives their ids back, and the files that went with them. */
export function removeUnused(
  pool: Pool,
  ids: readonly string[],
): Promise<{ removed: string[]; files: string[] }> {
  return inTransaction(pool, async (db) => {
    const { rows } = await db.query<{ id: string; file_id: string; former_file_id: string | null }>(
      `DELETE FROM picture WHERE id = ANY($1) AND id NOT IN (SELECT id FROM used_picture)
       RETURNING id, file_id, former_file_id`,
      [ids],
    );
    const files = await dropLooseFiles(
      db,
      rows.flatMap((row) => [row.file_id, row.former_file_id]),
    );
    return { removed: rows.map(({ id }) => id), files: files.rows.map(({ id }) => id) };
  });
}
