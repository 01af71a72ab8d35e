import { goodsWords } from '../../core/goods/goods.ts';
import type { Queryable } from '../db/pool.ts';

/** Writes the words that some products are found by, where what these are made from is named elsewhere. */
export async function writeWords(db: Queryable, ids: readonly number[]): Promise<void> {
  const { rows } = await db.query<{ id: number; title: string; tags: string[]; brand: string | null }>(
    `SELECT p.id, p.title, b.name AS brand,
       ARRAY(SELECT coalesce(t.name, pt.tag) FROM product_tag pt LEFT JOIN tag t ON t.id = pt.tag
         WHERE pt.product_id = p.id ORDER BY pt.tag COLLATE "C") AS tags
     FROM product p LEFT JOIN brand b ON b.id = p.brand_id
     WHERE p.id = ANY($1)`,
    [ids],
  );
  await db.query(
    `UPDATE product_text x SET words = ARRAY(SELECT jsonb_array_elements_text(r.words))
     FROM jsonb_to_recordset($1) AS r (id int, words jsonb) WHERE x.product_id = r.id`,
    [
      JSON.stringify(
        rows.map(({ id, title, tags, brand }) => ({ id, words: goodsWords(title, brand, tags) })),
      ),
    ],
  );
}
