import type { PictureFacts } from '../../core/catalogue/facts.ts';
import type { Queryable } from '../db/pool.ts';
import type { StoredPicture } from './ingest.ts';

export async function insertPicture(
  db: Queryable,
  picture: StoredPicture,
  { name = '', focal = { x: 0.5, y: 0.5 } }: { name?: string; focal?: { x: number; y: number } } = {},
): Promise<void> {
  await db.query(
    `INSERT INTO picture (id, width, height, media_type, bytes, name, focal_x, focal_y, dominant, placeholder, grid, see_through)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12) ON CONFLICT (id) DO NOTHING`,
    [
      picture.id,
      picture.width,
      picture.height,
      picture.mediaType,
      picture.bytes,
      name,
      focal.x,
      focal.y,
      picture.dominant,
      picture.placeholder,
      JSON.stringify(picture.grid),
      picture.seeThrough,
    ],
  );
}

/** SQL that makes a PictureFacts of the picture row `from` (or null), with the alt text given as SQL. */
export const pictureJson = (from: string, alt: string): string =>
  `CASE WHEN ${from}.id IS NULL THEN NULL ELSE jsonb_build_object('id', ${from}.id, 'width', ${from}.width, 'height', ${from}.height,
   'alt', ${alt}, 'focal', jsonb_build_object('x', ${from}.focal_x, 'y', ${from}.focal_y),
   'dominant', ${from}.dominant, 'placeholder', ${from}.placeholder, 'seeThrough', ${from}.see_through) END`;

/** Facts of stored pictures by id; those that are gone are absent. */
export async function readPictures(
  db: Queryable,
  ids: readonly string[],
): Promise<Map<string, PictureFacts>> {
  if (ids.length === 0) return new Map();
  const { rows } = await db.query<{ facts: PictureFacts }>(
    `SELECT ${pictureJson('p', 'p.name')} AS facts FROM picture p WHERE id = ANY($1)`,
    [ids],
  );
  return new Map(rows.map(({ facts }) => [facts.id, facts]));
}

export async function readPictureBytes(db: Queryable, id: string): Promise<Buffer | null> {
  const { rows } = await db.query<{ bytes: Buffer }>('SELECT bytes FROM picture WHERE id = $1', [id]);
  return rows[0]?.bytes ?? null;
}

/** Pictures that an owner can choose from, newest ids first by name. */
export async function listPictures(db: Queryable, words: string, most: number): Promise<PictureFacts[]> {
  const { rows } = await db.query<{ facts: PictureFacts }>(
    `SELECT ${pictureJson('p', 'p.name')} AS facts FROM picture p
     WHERE name ILIKE '%' || $1 || '%' ORDER BY (name LIKE 'Banner:%') DESC, name, id LIMIT $2`,
    [words.replace(/[\\%_]/g, '\\$&'), most],
  );
  return rows.map(({ facts }) => facts);
}
