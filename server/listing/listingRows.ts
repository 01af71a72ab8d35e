import type { ListingRecord, ListingVariant } from '../../core/listing/record.ts';
import type { FieldValue } from '../../core/assortment/kinds.ts';
import type { Queryable } from '../db/pool.ts';

interface Row {
  id: number;
  category_path: number[];
  brand_id: number | null;
  tags: string[];
  is_reduced: boolean;
  rating_sum: number;
  rating_count: number;
  fields: Record<string, FieldValue>;
}

interface VariantRow {
  product_id: number;
  paid: number;
  available: boolean;
  options: number[] | null;
  values: number[] | null;
}

const PRODUCTS = `SELECT p.id, p.category_path, p.brand_id, p.tags, p.reduced IS NOT NULL AS is_reduced, p.rating_sum,
    p.rating_count, p.fields FROM product p`;

const VARIANTS = `SELECT v.product_id, coalesce(v.reduced, v.price) AS paid, v.stock IS NULL OR v.stock > 0 AS available,
    o.options, o.values
  FROM variant v LEFT JOIN (SELECT vv.variant_id, array_agg(ov.option_id ORDER BY ov.id) AS options, array_agg(ov.id ORDER BY ov.id) AS values
    FROM variant_value vv JOIN option_value ov ON ov.id = vv.option_value_id GROUP BY vv.variant_id) o ON o.variant_id = v.id`;

function asRecords(products: readonly Row[], variants: readonly VariantRow[]): ListingRecord[] {
  const of = new Map<number, ListingVariant[]>();
  for (const { product_id: id, paid, available, options, values } of variants) {
    const variant = {
      paid,
      available,
      values: (options ?? []).map((option, i) => [option, values![i]!] as const),
    };
    const known = of.get(id);
    if (known) known.push(variant);
    else of.set(id, [variant]);
  }
  return products.map((row) => ({
    id: row.id,
    categoryIds: row.category_path,
    brandId: row.brand_id,
    tags: row.tags,
    isReduced: row.is_reduced,
    ratingSum: row.rating_sum,
    ratingCount: row.rating_count,
    fields: row.fields,
    variants: of.get(row.id) ?? [],
  }));
}

/** What filters read of every product. */
export async function readListingRecords(db: Queryable): Promise<ListingRecord[]> {
  const [products, variants] = await Promise.all([
    db.query<Row>(`${PRODUCTS} ORDER BY p.id`),
    db.query<VariantRow>(`${VARIANTS} ORDER BY v.product_id, v.position, v.id`),
  ]);
  return asRecords(products.rows, variants.rows);
}

/** The same of these products; those that are gone are left out. */
export async function readSomeListingRecords(
  db: Queryable,
  ids: readonly number[],
): Promise<ListingRecord[]> {
  const [products, variants] = await Promise.all([
    db.query<Row>(`${PRODUCTS} WHERE p.id = ANY($1)`, [ids]),
    db.query<VariantRow>(
      `${VARIANTS.replace('GROUP BY', 'WHERE vv.variant_id IN (SELECT id FROM variant WHERE product_id = ANY($1)) GROUP BY')}
       WHERE v.product_id = ANY($1) ORDER BY v.product_id, v.position, v.id`,
      [ids],
    ),
  ]);
  return asRecords(products.rows, variants.rows);
}
