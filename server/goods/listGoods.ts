import type { GoodsAsked } from '../../core/api/goods.ts';
import type { GoodsRow } from '../../core/goods/goods.ts';
import {
  GOODS_PAGE,
  MISSINGS,
  type GoodsSort,
  type Missing,
  type Within,
} from '../../core/goods/goodsList.ts';
import { wordsQuery } from '../assortments/clauses/index.ts';
import type { Queryable } from '../db/pool.ts';
import { pictureJson, shownAs } from '../pictures/pictureRows.ts';

/** That product `p` lacks something, as a condition. */
const LACKS: Readonly<Record<Missing, string>> = {
  picture: 'NOT EXISTS (SELECT FROM product_picture WHERE product_id = p.id)',
  // All that it is in, and all above that.
  category: 'p.category_path <@ ARRAY(SELECT id FROM category WHERE catch_all)',
  shortText: `NOT EXISTS (SELECT FROM product_text WHERE product_id = p.id AND short_text <> '')`,
};

/** That product `p` is within one, by SQL for the id of that. */
const IN: Readonly<Record<Within['of'], (id: string) => string>> = {
  category: (id) => `p.category_path @> ARRAY[${id}::int]`,
  collection: (id) => `p.id IN (SELECT product_id FROM collection_product WHERE collection_id = ${id})`,
  brand: (id) => `p.brand_id = ${id}`,
  tag: (id) => `p.tags && ARRAY(SELECT id FROM tag WHERE number = ${id})`,
  value: (id) => `p.option_values @> ARRAY[${id}::int]`,
};

/** Stock of variants `v` together; null where one of them is not counted. */
const STOCK = 'CASE WHEN bool_and(v.stock IS NOT NULL) THEN sum(v.stock)::int END';

/** What an order reads besides the product: of all of them at once, since each of them is sorted. */
const JOINS: Partial<Record<GoodsSort, string>> = {
  stock: `LEFT JOIN (SELECT v.product_id, ${STOCK} AS stock FROM variant v GROUP BY 1) together ON together.product_id = p.id`,
};

/** Keys of an order, the first counting most: of what the list shows. */
const KEYS: Readonly<Record<GoodsSort, readonly string[]>> = {
  position: ['p.position', 'p.title_key'],
  title: ['p.title_key'],
  code: ['p.code COLLATE "C"'],
  price: ['p.price'],
  // What is not counted is there in any number.
  stock: ['CASE WHEN p.in_stock THEN coalesce(together.stock, 2147483647) ELSE 0 END'],
  rating: [
    'CASE WHEN p.rating_count = 0 THEN 0 ELSE p.rating_sum::float8 / p.rating_count END',
    'p.rating_count',
  ],
  newest: ['p.on_sale_from'],
};

const likeEscaped = (words: string): string => words.replace(/[\\%_]/g, '\\$&');

/** A hundred products of the list of all, and how many of them there are. */
export async function readGoodsList(
  db: Queryable,
  { words, missing, within, sort, down, from }: GoodsAsked,
): Promise<{ total: number; rows: GoodsRow[] }> {
  const values: unknown[] = [];
  const value = (one: unknown) => `$${values.push(one)}`;
  const conditions: string[] = [];
  if (words.trim() !== '') {
    const query = wordsQuery(words);
    const found = [
      `SELECT id FROM product WHERE lower(code) LIKE lower(${value(`${likeEscaped(words.trim())}%`)})`,
    ];
    if (query)
      found.push(`SELECT product_id FROM product_text WHERE word_vector @@ ${value(query)}::tsquery`);
    conditions.push(`p.id IN (${found.join(' UNION ')})`);
  }
  if (missing) conditions.push(LACKS[missing]);
  if (within) conditions.push(IN[within.of](value(within.id)));
  const where = conditions.length > 0 ? `WHERE ${conditions.join(' AND ')}` : '';
  const way = down ? 'DESC' : 'ASC';
  const order = [...KEYS[sort], 'p.id'].map((key) => `${key} ${way}`).join(', ');
  const counting = values.length;
  const page = `SELECT p.id, row_number() OVER () AS place FROM (
      SELECT p.id FROM product p ${JOINS[sort] ?? ''} ${where} ORDER BY ${order} LIMIT ${GOODS_PAGE} OFFSET ${value(from)}) p`;
  const [{ rows: counts }, { rows }] = await Promise.all([
    db.query<{ total: number }>(
      `SELECT count(*)::int AS total FROM product p ${where}`,
      values.slice(0, counting),
    ),
    db.query<GoodsRow>(
      `SELECT p.id, p.title, p.code, p.price, p.reduced, p.price_varies AS "from", p.in_stock AS "inStock",
         (SELECT ${STOCK} FROM variant v WHERE v.product_id = p.id) AS stock,
         (SELECT CASE WHEN count(*) = 1 THEN min(v.id) END FROM variant v WHERE v.product_id = p.id) AS only,
         (SELECT ${pictureJson('pic', shownAs('pic', 'pp.alt'))} FROM product_picture pp JOIN picture pic ON pic.id = pp.picture_id
           WHERE pp.product_id = p.id ORDER BY pp.position LIMIT 1) AS picture,
         ARRAY(SELECT c.name FROM product_category pc JOIN category c ON c.id = pc.category_id
           WHERE pc.product_id = p.id AND NOT c.catch_all ORDER BY pc.category_id DESC) AS categories,
         p.tags,
         CASE WHEN p.rating_count > 0 THEN jsonb_build_object('mean', p.rating_sum::float8 / p.rating_count, 'count', p.rating_count) END AS rating,
         coalesce(x.short_text, '') <> '' AS "hasShortText"
       FROM (${page}) at JOIN product p USING (id)
       LEFT JOIN product_text x ON x.product_id = p.id ORDER BY at.place`,
      values,
    ),
  ]);
  return { total: counts[0]!.total, rows };
}

/** How many of all products lack something, each as it is counted at least cost; as the filters find them, by test. */
const LACKING: Readonly<Record<Missing, string>> = {
  picture: 'all_of_them - (SELECT count(DISTINCT product_id) FROM product_picture)',
  category: `(SELECT count(*) FROM product p WHERE ${LACKS.category})`,
  shortText: `all_of_them - (SELECT count(*) FROM product_text WHERE short_text <> '')`,
};

/** How many products there are, and how many lack what. */
export async function countGoodsRows(
  db: Queryable,
): Promise<{ all: number; missing: Record<Missing, number> }> {
  const { rows } = await db.query<Record<'all' | Missing, number>>(
    `SELECT all_of_them::int AS all, ${MISSINGS.map((one) => `(${LACKING[one]})::int AS "${one}"`).join(', ')}
     FROM (SELECT count(*) AS all_of_them FROM product) counted`,
  );
  const { all, ...missing } = rows[0]!;
  return { all, missing };
}
