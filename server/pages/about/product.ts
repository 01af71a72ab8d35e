import { readFrom } from '../../../core/paging/pages.ts';
import { readProductDetail } from '../../catalogue/productRows.ts';
import type { AboutReader } from './aboutReader.ts';

export const aboutProduct: AboutReader = {
  read: async (slug, { db, query, shopper }) => {
    const product = await readProductDetail(db, slug, readFrom(query.variant) || null);
    return product
      ? { product, sent: shopper?.sent ?? null, done: query.sent === '1', asksQuote: query.for === 'quote' }
      : null;
  },
  /** One with variants and a picture before others, the newest first. */
  example: async ({ db }) => {
    const { rows } = await db.query<{ slug: string }>(
      `SELECT slug FROM product LEFT JOIN product_picture ON product_id = id AND product_picture.position = 0
       ORDER BY (product_id IS NOT NULL) DESC, (kind = 'variants') DESC, on_sale_from DESC, id LIMIT 1`,
    );
    return rows[0]?.slug ?? null;
  },
  async slugOf(id, { db }) {
    const { rows } = await db.query<{ slug: string }>('SELECT slug FROM product WHERE id = $1::bigint', [id]);
    return rows[0]?.slug ?? null;
  },
  async slugs({ db, now }) {
    const { rows } = await db.query<{ slug: string }>(
      'SELECT slug FROM product WHERE on_sale_from <= $1 ORDER BY id',
      [new Date(now)],
    );
    return rows.map(({ slug }) => slug);
  },
};
