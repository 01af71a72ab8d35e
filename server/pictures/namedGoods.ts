import type { PictureMatch } from '../../core/api/pictures.ts';
import { namedBy, picturesByName, type Called } from '../../core/goods/pictureNames.ts';
import type { Queryable } from '../db/pool.ts';
import { choiceOf } from '../goods/choiceRows.ts';
import { findUnusedPictures, readStorePictures } from './storeRows.ts';

/** SQL for an item code as a key has it. */
const asKey = (code: string) => `trim(BOTH '-' FROM regexp_replace(lower(${code}), '[^a-z0-9]+', '-', 'g'))`;

/** Whatever is called by some keys. */
async function readCalled(db: Queryable, keys: readonly string[]): Promise<Called[]> {
  const { rows } = await db.query<Called>(
    `SELECT * FROM (
       SELECT ${asKey('p.code')} AS key, 'code' AS by, p.id AS product, NULL::int AS variant FROM product p WHERE p.code <> ''
       UNION ALL
       SELECT ${asKey('v.code')}, 'variant', v.product_id, v.id FROM variant v WHERE v.code <> ''
       UNION ALL
       SELECT p.slug, 'address', p.id, NULL FROM product p WHERE p.slug = ANY($1)) called
     WHERE key = ANY($1) ORDER BY by, product, variant`,
    [keys],
  );
  return rows;
}

/** So many are told of at a time; the others are once these are put somewhere. */
const MOST_MATCHES = 2_000;

/** Pictures that nothing uses, and are named like a product; and how many are named like none. */
export async function matchPictures(db: Queryable): Promise<{ matches: PictureMatch[]; others: number }> {
  const unused = await findUnusedPictures(db);
  const names = unused.map(({ name }) => name);
  const keys = [...new Set(names.flatMap(namedBy).map(({ key }) => key))];
  const named = picturesByName(names, await readCalled(db, keys)).flatMap((of, i) =>
    of ? [{ ...of, ...unused[i]! }] : [],
  );
  const found = named.slice(0, MOST_MATCHES);
  const [pictures, { rows }] = await Promise.all([
    readStorePictures(
      db,
      found.map(({ id }) => id),
    ),
    db.query<{ product: number; title: string; choices: Record<number, string> }>(
      `SELECT p.id AS product, p.title, (SELECT jsonb_object_agg(v.id, ${choiceOf('v.id')})
         FROM variant v WHERE v.product_id = p.id) AS choices FROM product p WHERE p.id = ANY($1)`,
      [[...new Set(found.map(({ product }) => product))]],
    ),
  ]);
  const picture = new Map(pictures.map((one) => [one.id, one]));
  const goods = new Map(rows.map((one) => [one.product, one]));
  const matches = found.flatMap(({ id, product, variant, place }): PictureMatch[] => {
    const [shown, of] = [picture.get(id), goods.get(product)];
    if (!shown || !of) return [];
    return [
      { picture: shown, product, variant, place, title: of.title, choice: of.choices[variant ?? 0] ?? '' },
    ];
  });
  return { matches, others: unused.length - named.length };
}
