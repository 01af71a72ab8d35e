import type { Good } from '../../core/shopper/basket.ts';
import { sellsOtherwise, soldAs, type StoreSelling } from '../../core/group/soldAs.ts';
import { categoriesOf } from '../catalogue/categoriesOf.ts';
import type { Queryable } from '../db/pool.ts';
import { choiceOf } from '../goods/choiceRows.ts';
import { pictureJson } from '../pictures/pictureRows.ts';

interface Row {
  id: number;
  product_id: number;
  slug: string;
  title: string;
  choice: string;
  price: number;
  stock: number | null;
  picture: Good['picture'];
  categories: number[];
}

const asGood = ({ id, product_id, categories: _, ...row }: Row): Good => ({
  ...row,
  variantId: id,
  productId: product_id,
});

/** What tells a variant "v" apart from the others of its product, in words; empty where it is the only one. */
export const CHOICE = `CASE WHEN EXISTS (SELECT FROM variant other WHERE other.product_id = v.product_id AND other.id <> v.id)
  THEN ${choiceOf('v.id')} ELSE '' END`;

/** Variants by id as they can be bought at an instant, UTC ms; those that are not sold by basket are absent. */
export async function readGoods(
  db: Queryable,
  variantIds: readonly number[],
  now: number,
  store: StoreSelling,
): Promise<Map<number, Good>> {
  if (variantIds.length === 0) return new Map();
  const { rows } = await db.query<Row>(
    `SELECT v.id, v.product_id, p.slug, p.title, coalesce(v.reduced, v.price) AS price, v.stock,
       ${CHOICE} AS choice,
       ${sellsOtherwise(store.groups) ? categoriesOf('p.id') : `'{}'::integer[]`} AS categories,
       (SELECT ${pictureJson('pic', "''")} FROM picture pic WHERE pic.id = coalesce(v.picture_id,
         (SELECT picture_id FROM product_picture WHERE product_id = p.id ORDER BY position LIMIT 1))) AS picture
     FROM variant v JOIN product p ON p.id = v.product_id
     WHERE v.id = ANY($1) AND p.on_sale_from <= $2`,
    [variantIds, new Date(now)],
  );
  const sold = rows.filter((row) => soldAs(row, store).by === 'basket');
  return new Map(sold.map((row) => [row.id, asGood(row)]));
}

/** A few that can be bought, to show a basket with. */
export async function exampleVariants(db: Queryable, count: number, now: number): Promise<number[]> {
  const { rows } = await db.query<{ id: number }>(
    'SELECT shown_variant_id AS id FROM product WHERE in_stock AND on_sale_from <= $2 ORDER BY on_sale_from DESC, id LIMIT $1',
    [count, new Date(now)],
  );
  return rows.map(({ id }) => id);
}
