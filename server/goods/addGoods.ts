import { fold } from '../../core/catalogue/fold.ts';
import { freeSlugOf, LONGEST_SLUG, slugOf } from '../../core/catalogue/slugOf.ts';
import { goodsWords } from '../../core/goods/goods.ts';
import { inTransaction, type Pool, type Queryable } from '../db/pool.ts';

/** Of a title in which no letter is left for an address. */
export const UNNAMED = 'product';
/** Held while an address is chosen, so that two products never choose the same. */
export const SLUG_LOCK = 731_907;

/** Room for the number that an address may end with. */
const NUMBER_LENGTH = 10;

/** An address that none of them has. @param others that are taken besides */
export async function freeSlug(
  db: Queryable,
  name: string,
  of: 'product' | 'brand' | 'category' | 'collection' = 'product',
  others: ReadonlySet<string> = new Set(),
): Promise<string> {
  const wanted = slugOf(name) || UNNAMED;
  const { rows } = await db.query<{ slug: string }>(`SELECT slug FROM ${of} WHERE starts_with(slug, $1)`, [
    wanted.slice(0, LONGEST_SLUG - NUMBER_LENGTH),
  ]);
  const taken = new Set(rows.map(({ slug }) => slug));
  return freeSlugOf(wanted, (slug) => taken.has(slug) || others.has(slug));
}

/** A new product, sold out until its stock is set, so that nobody buys what is not finished. Returns its id. */
export const addGoods = (pool: Pool, title: string, price: number, now: number): Promise<number> =>
  inTransaction(pool, (client) => addGoodsRow(client, title, price, now));

/** The same, within a transaction. */
export async function addGoodsRow(db: Queryable, title: string, price: number, now: number): Promise<number> {
  await db.query('SELECT pg_advisory_xact_lock($1)', [SLUG_LOCK]);
  const { rows } = await db.query<{ id: number }>(
    'INSERT INTO product (slug, title, title_key, on_sale_from) VALUES ($1, $2, $3, $4) RETURNING id',
    [await freeSlug(db, title), title, fold(title), new Date(now)],
  );
  const { id } = rows[0]!;
  await db.query('INSERT INTO product_text (product_id, words) VALUES ($1, $2)', [
    id,
    goodsWords(title, null, []),
  ]);
  await db.query('INSERT INTO variant (product_id, price, stock) VALUES ($1, $2, 0)', [id, price]);
  return id;
}

/** Takes a product out of the catalogue, unless somebody has ordered it: orders go on saying what was in them. */
export async function removeGoods(db: Queryable, id: number): Promise<boolean> {
  const { rowCount } = await db.query(
    `DELETE FROM product p WHERE p.id = $1 AND NOT EXISTS (SELECT FROM order_line WHERE product_id = p.id)`,
    [id],
  );
  return (rowCount ?? 0) > 0;
}
