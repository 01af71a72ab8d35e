import type { PictureFacts } from '../../core/catalogue/facts.ts';
import type { Queryable } from '../db/pool.ts';

/** SQL that makes a PictureFacts of the picture row `from` (or null), with the alt text given as SQL. */
export const pictureJson = (from: string, alt: string): string =>
  `(SELECT jsonb_build_object('id', ${from}.id, 'file', f.id, 'width', f.width, 'height', f.height,
   'alt', ${alt}, 'focal', jsonb_build_object('x', ${from}.focal_x, 'y', ${from}.focal_y),
   'dominant', f.dominant, 'placeholder', f.placeholder, 'seeThrough', f.see_through)
   FROM picture_file f WHERE f.id = ${from}.file_id)`;

/** What a picture shows, in the words of whoever shows it, or in its own where those are none. */
export const shownAs = (from: string, words: string): string => `coalesce(nullif(${words}, ''), ${from}.alt)`;

/** Facts of stored pictures by id; those that are gone are absent. */
export async function readPictures(
  db: Queryable,
  ids: readonly string[],
): Promise<Map<string, PictureFacts>> {
  if (ids.length === 0) return new Map();
  const { rows } = await db.query<{ facts: PictureFacts }>(
    `SELECT ${pictureJson('p', 'p.alt')} AS facts FROM picture p WHERE id = ANY($1)`,
    [ids],
  );
  return new Map(rows.map(({ facts }) => [facts.id, facts]));
}

export async function readFileBytes(db: Queryable, file: string): Promise<Buffer | null> {
  const { rows } = await db.query<{ bytes: Buffer }>('SELECT bytes FROM picture_file WHERE id = $1', [file]);
  return rows[0]?.bytes ?? null;
}

/** Whether all of these are in the store. */
export async function arePictures(db: Queryable, ids: readonly string[]): Promise<boolean> {
  if (ids.length === 0) return true;
  const { rows } = await db.query<{ there: number }>(
    'SELECT count(*)::int AS there FROM picture WHERE id = ANY($1)',
    [ids],
  );
  return rows[0]!.there === new Set(ids).size;
}
