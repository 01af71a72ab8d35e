import type { FieldValue, ProductRecord } from '../../core/assortment/kinds.ts';
import type { ProductKind } from '../../core/catalogue/productKinds.ts';
import type { Queryable } from '../db/pool.ts';

interface Row {
  id: number;
  title_key: string;
  code: string;
  words: string[];
  category_ids: number[];
  collection_ids: number[];
  tags: string[];
  brand_id: number | null;
  brand_key: string | null;
  kind: ProductKind;
  featured: boolean;
  on_sale_from: Date;
  price: number;
  reduced: number | null;
  in_stock: boolean;
  stock: number | null;
  rating_sum: number;
  rating_count: number;
  fields: Record<string, FieldValue>;
  option_value_ids: number[];
  position: number | null;
  sold: [number, number][];
  viewed: [number, number][];
  last_sold_at: Date | null;
  orders: number;
  bought_with: [number, number][];
}

const pairs = (first: string, second: string, from: string) =>
  `coalesce((SELECT jsonb_agg(jsonb_build_array(${first}, ${second})) FROM ${from}), '[]')`;

const SELECT = `SELECT p.id, p.title_key, p.code, coalesce((SELECT words FROM product_text WHERE product_id = p.id), '{}') AS words, p.brand_id,
    (SELECT search_fold(name) FROM brand WHERE id = p.brand_id) AS brand_key, p.kind, p.featured, p.on_sale_from, p.price, p.reduced,
    p.in_stock, p.stock, p.rating_sum, p.rating_count, p.fields, p.position, p.last_sold_at, p.orders,
    ARRAY(SELECT category_id FROM product_category WHERE product_id = p.id ORDER BY 1) AS category_ids,
    ARRAY(SELECT collection_id FROM collection_product WHERE product_id = p.id ORDER BY 1) AS collection_ids,
    p.tags,
    p.option_values AS option_value_ids,
    ${pairs('day', 'units', 'sold_daily WHERE product_id = p.id')} AS sold,
    ${pairs('day', 'views', 'viewed_daily WHERE product_id = p.id')} AS viewed,
    ${pairs('other_id', 'orders', 'bought_together WHERE product_id = p.id')} AS bought_with
  FROM product p`;

const asRecord = (row: Row): ProductRecord => ({
  id: row.id,
  titleKey: row.title_key,
  code: row.code,
  words: row.words,
  categoryIds: row.category_ids,
  collectionIds: row.collection_ids,
  tags: row.tags,
  brandId: row.brand_id,
  brandKey: row.brand_key,
  kind: row.kind,
  featured: row.featured,
  onSaleFrom: row.on_sale_from.getTime(),
  price: row.price,
  reduced: row.reduced,
  inStock: row.in_stock,
  stock: row.stock,
  ratingSum: row.rating_sum,
  ratingCount: row.rating_count,
  fields: row.fields,
  optionValueIds: row.option_value_ids,
  position: row.position,
  soldByDay: new Map(row.sold),
  viewedByDay: new Map(row.viewed),
  lastSoldAt: row.last_sold_at?.getTime() ?? null,
  orders: row.orders,
  boughtWith: new Map(row.bought_with),
});

/** One product as the rules of the core read it; null when there is none. */
export async function readRecord(db: Queryable, id: number): Promise<ProductRecord | null> {
  const { rows } = await db.query<Row>(`${SELECT} WHERE p.id = $1`, [id]);
  return rows[0] ? asRecord(rows[0]) : null;
}

/** Every product; for catalogues that fit in memory, as in tests. */
export async function readRecords(db: Queryable): Promise<ProductRecord[]> {
  const { rows } = await db.query<Row>(`${SELECT} ORDER BY p.id`);
  return rows.map(asRecord);
}
