import type { Goods, GoodsVariant } from '../../core/goods/goods.ts';
import type { Queryable } from '../db/pool.ts';
import { BY_OPTION, choiceOf, WITH_OPTION } from './choiceRows.ts';

interface Row {
  id: number;
  slug: string;
  title: string;
  code: string;
  short_text: string;
  long_text: string;
  brand_id: number | null;
  featured: boolean;
  category_ids: number[];
  collection_ids: number[];
  tags: string[];
  fields: Goods['fields'];
  variants: GoodsVariant[];
  picture_ids: string[];
}

/** Products as their owner keeps them, by id; those that are gone are absent. @param locked until the transaction ends */
export async function readGoodsById(
  db: Queryable,
  ids: readonly number[],
  { locked = false } = {},
): Promise<Map<number, Goods>> {
  // Locked in one order, so that two who edit never wait for each other.
  if (locked) await db.query('SELECT id FROM product WHERE id = ANY($1) ORDER BY id FOR UPDATE', [ids]);
  const { rows } = await db.query<Row>(
    `SELECT p.id, p.slug, p.title, p.code, coalesce(x.short_text, '') AS short_text, coalesce(x.long_text, '') AS long_text,
       p.brand_id, p.featured, p.fields,
       ARRAY(SELECT category_id FROM product_category WHERE product_id = p.id ORDER BY 1) AS category_ids,
       ARRAY(SELECT collection_id FROM collection_product WHERE product_id = p.id ORDER BY 1) AS collection_ids,
       ARRAY(SELECT tag FROM product_tag WHERE product_id = p.id ORDER BY tag COLLATE "C") AS tags,
       coalesce((SELECT jsonb_agg(jsonb_build_object('id', v.id, 'code', v.code, 'price', v.price, 'reduced', v.reduced,
           'stock', v.stock, 'pictureId', v.picture_id,
           'values', ARRAY(SELECT vv.option_value_id FROM variant_value vv ${WITH_OPTION} WHERE vv.variant_id = v.id ORDER BY ${BY_OPTION}),
           'choice', ${choiceOf('v.id')})
         ORDER BY v.position, v.id) FROM variant v WHERE v.product_id = p.id), '[]') AS variants,
       ARRAY(SELECT picture_id FROM product_picture WHERE product_id = p.id ORDER BY position) AS picture_ids
     FROM product p LEFT JOIN product_text x ON x.product_id = p.id WHERE p.id = ANY($1)`,
    [ids],
  );
  return new Map(
    rows.map((row) => [
      row.id,
      {
        id: row.id,
        slug: row.slug,
        title: row.title,
        code: row.code,
        shortText: row.short_text,
        longText: row.long_text,
        brandId: row.brand_id,
        featured: row.featured,
        categoryIds: row.category_ids,
        collectionIds: row.collection_ids,
        tags: row.tags,
        fields: row.fields,
        variants: row.variants,
        pictureIds: row.picture_ids,
      },
    ]),
  );
}
