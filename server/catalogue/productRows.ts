import {
  PRODUCT_FACTS,
  type ProductDetail,
  type ProductFact,
  type ProductFacts,
} from '../../core/catalogue/facts.ts';
import { readLongText } from '../../core/goods/longText.ts';
import type { Queryable } from '../db/pool.ts';
import { MOST_OF_PRODUCT, MOST_PICTURES } from '../../core/picture/limits.ts';
import { pictureJson, shownAs } from '../pictures/pictureRows.ts';
import { categoriesOf } from './categoriesOf.ts';
import { available, optionsOf, readVariants } from './variantRows.ts';

interface ProductRow {
  id: number;
  slug: string;
  title: string;
  short_text: string;
  brand: string | null;
  category: string | null;
  categories: number[];
  code: string;
  price: number;
  reduced: number | null;
  price_varies: boolean;
  rating_sum: number;
  rating_count: number;
  in_stock: boolean;
  stock: number | null;
  pictures: ProductFacts['pictures'];
  buy: ProductFacts['buy'];
  sold: number;
  tags: ProductFacts['tags'];
  kind: ProductFacts['kind'];
  featured: boolean;
  on_sale_from: Date | null;
  fields: ProductFacts['fields'];
}

/** So few that it is worth saying. */
const LAST_FEW = 3;

export function stockFacts(inStock: boolean, stock: number | null): ProductFacts['stock'] {
  const state = !inStock ? 'out' : stock !== null && stock <= LAST_FEW ? 'last' : 'in';
  return { state, count: stock };
}

const asFacts = (row: ProductRow, options: ProductFacts['options']): ProductFacts => ({
  id: row.id,
  slug: row.slug,
  title: row.title,
  shortText: row.short_text,
  brand: row.brand,
  category: row.category,
  categories: row.categories,
  code: row.code,
  price: { regular: row.price, reduced: row.reduced, from: row.price_varies },
  rating: row.rating_count > 0 ? { mean: row.rating_sum / row.rating_count, count: row.rating_count } : null,
  stock: stockFacts(row.in_stock, row.stock),
  pictures: row.pictures,
  buy: row.buy,
  sold: row.sold,
  tags: row.tags,
  kind: row.kind,
  featured: row.featured,
  onSaleFrom: row.on_sale_from?.getTime() ?? null,
  fields: row.fields,
  options,
});

/** How what is read only where it is needed is read, and what stands for it otherwise. */
const facts: Record<
  Exclude<ProductFact, 'options' | 'pictures'>,
  { select: string; join: string; otherwise: string }
> = {
  shortText: {
    select: `coalesce(x.short_text, '') AS short_text`,
    join: 'LEFT JOIN product_text x ON x.product_id = p.id',
    otherwise: `'' AS short_text`,
  },
  brand: {
    select: 'b.name AS brand',
    join: 'LEFT JOIN brand b ON b.id = p.brand_id',
    otherwise: 'NULL AS brand',
  },
  rating: {
    select: 'p.rating_sum, p.rating_count',
    join: '',
    otherwise: '0 AS rating_sum, 0 AS rating_count',
  },
  category: {
    // The one that its own page is found under.
    select: `(SELECT c.name FROM product_category pc JOIN category c ON c.id = pc.category_id
      WHERE pc.product_id = p.id AND NOT c.catch_all ORDER BY pc.category_id DESC LIMIT 1) AS category`,
    join: '',
    otherwise: 'NULL AS category',
  },
  categories: {
    select: `${categoriesOf('p.id')} AS categories`,
    join: '',
    otherwise: `'{}'::integer[] AS categories`,
  },
  code: { select: 'p.code', join: '', otherwise: `'' AS code` },
  buy: {
    select: `CASE WHEN p.shown_variant_id IS NULL THEN NULL ELSE jsonb_build_object('variantId', p.shown_variant_id,
      'choose', EXISTS (SELECT FROM variant v WHERE v.product_id = p.id AND v.id <> p.shown_variant_id)) END AS buy`,
    join: '',
    otherwise: 'NULL AS buy',
  },
  sold: {
    select: `coalesce((SELECT sum(s.units) FROM sold_daily s WHERE s.product_id = p.id), 0)::integer AS sold`,
    join: '',
    otherwise: '0 AS sold',
  },
  tags: {
    select: `coalesce((SELECT jsonb_agg(jsonb_build_object('id', t.id, 'name', t.name) ORDER BY t.name) FROM tag t WHERE t.id = ANY(p.tags)), '[]') AS tags`,
    join: '',
    otherwise: `'[]'::jsonb AS tags`,
  },
  kind: { select: 'p.kind', join: '', otherwise: 'NULL AS kind' },
  featured: { select: 'p.featured', join: '', otherwise: 'false AS featured' },
  onSaleFrom: { select: 'p.on_sale_from', join: '', otherwise: 'NULL AS on_sale_from' },
  fields: {
    select: `coalesce((SELECT jsonb_agg(jsonb_build_object('id', f.id, 'name', f.name, 'value', p.fields -> f.id, 'unit', f.unit) ORDER BY f.position)
      FROM field f WHERE p.fields ? f.id), '[]') AS fields`,
    join: '',
    otherwise: `'[]'::jsonb AS fields`,
  },
};

const isColumn = (fact: ProductFact): fact is keyof typeof facts => fact in facts;
const COLUMNS = PRODUCT_FACTS.filter(isColumn);

/** So many pictures of a product are read where its card needs no more. */
const FEW_PICTURES = 2;

/**
 * Product facts by id; with as many of their pictures as asked for. Those that are gone are absent.
 * @param needs what is read besides what every card says
 */
export async function readProducts(
  db: Queryable,
  ids: readonly number[],
  needs: readonly ProductFact[],
  mostPictures: number = needs.includes('pictures') ? MOST_PICTURES : FEW_PICTURES,
): Promise<Map<number, ProductFacts>> {
  if (ids.length === 0) return new Map();
  const columns = needs.filter(isColumn);
  const [{ rows }, variants] = await Promise.all([
    db.query<ProductRow>(
      `SELECT p.id, p.slug, p.title, p.price, p.reduced, p.price_varies, p.in_stock, p.stock,
       ${COLUMNS.map((fact) => facts[fact][columns.includes(fact) ? 'select' : 'otherwise']).join(', ')},
       coalesce((SELECT jsonb_agg(${pictureJson('pic', shownAs('pic', 'pp.alt'))} ORDER BY pp.position)
         FROM product_picture pp JOIN picture pic ON pic.id = pp.picture_id
         WHERE pp.product_id = p.id AND pp.position < $2), '[]') AS pictures
     FROM product p ${columns.map((fact) => facts[fact].join).join(' ')}
     WHERE p.id = ANY($1)`,
      [ids, mostPictures],
    ),
    needs.includes('options') ? readVariants(db, ids) : null,
  ]);
  return new Map(rows.map((row) => [row.id, asFacts(row, optionsOf(variants?.get(row.id) ?? [], null))]));
}

const TRAIL = `SELECT c.name, c.slug FROM category c JOIN category_closure cc ON cc.ancestor_id = c.id
  WHERE NOT c.catch_all AND cc.descendant_id = (SELECT category_id FROM product_category WHERE product_id = $1 ORDER BY category_id DESC LIMIT 1)
  ORDER BY cc.depth DESC`;

/** A product as its page shows it; null when there is none. An unknown variant counts as none chosen. */
export async function readProductDetail(
  db: Queryable,
  slug: string,
  variantId: number | null,
): Promise<ProductDetail | null> {
  const found = await db.query<{
    id: number;
    long_text: string;
    shown_variant_id: number | null;
  }>(
    `SELECT id, coalesce(long_text, '') AS long_text, shown_variant_id
     FROM product LEFT JOIN product_text ON product_id = id WHERE slug = $1`,
    [slug],
  );
  const row = found.rows[0];
  if (!row) return null;
  const [facts, byProduct, { rows: trail }] = await Promise.all([
    readProducts(db, [row.id], COLUMNS, MOST_OF_PRODUCT),
    readVariants(db, [row.id]),
    db.query<{ name: string; slug: string }>(TRAIL, [row.id]),
  ]);
  const product = facts.get(row.id)!;
  const variants = byProduct.get(row.id) ?? [];
  const asked = variants.find(({ id }) => id === variantId);
  const chosen = asked ?? variants.find(({ id }) => id === row.shown_variant_id);
  const detail: ProductDetail = {
    ...product,
    longText: readLongText(row.long_text),
    options: optionsOf(variants, asked ?? null),
    trail,
    variants: variants.map((variant) => ({
      id: variant.id,
      choice: variant.values.map(({ value }) => value).join(', '),
      price: { regular: variant.price, reduced: variant.reduced, from: false },
      available: available(variant),
    })),
    askedVariant: asked?.id ?? null,
  };
  if (!chosen) return detail;
  return {
    ...detail,
    price: { regular: chosen.price, reduced: chosen.reduced, from: !asked && product.price.from },
    stock: stockFacts(available(chosen), chosen.stock),
    pictures: chosen.picture
      ? [{ ...chosen.picture, alt: product.title }, ...product.pictures]
      : product.pictures,
  };
}

/** The newest products. */
export async function readNewest(db: Queryable, most: number): Promise<number[]> {
  const { rows } = await db.query<{ id: number }>('SELECT id FROM product ORDER BY id DESC LIMIT $1', [most]);
  return rows.map(({ id }) => id);
}

export async function readTitles(
  db: Queryable,
  ids: readonly number[],
): Promise<{ id: number; title: string }[]> {
  const { rows } = await db.query<{ id: number; title: string }>(
    'SELECT id, title FROM product WHERE id = ANY($1)',
    [ids],
  );
  return rows;
}
