import { freeSlugOf, slugOf } from '../../core/catalogue/slugOf.ts';
import { fieldIdOf } from '../../core/groupings/fieldId.ts';
import { tagIdOf } from '../../core/groupings/tagId.ts';
import type { Grouping, GroupingOf } from '../../core/groupings/grouping.ts';
import type { Queryable } from '../db/pool.ts';
import { writeWords } from '../goods/writeWords.ts';

/** How one kind is kept. */
export interface Kept {
  table: string;
  /** The column that it is known by. */
  id: 'id' | 'number';
  /** The column of every fact that its table has; what it has none for is empty. */
  columns: Readonly<Partial<Record<keyof Grouping, string>>>;
  /** SQL for the number of different products put into `g`, and into all below it. */
  products: string;
  /** The address of a new one, which none has yet; absent where they have none. */
  slug?(name: string, isTaken: (slug: string) => boolean): string;
  /** Products `p` that are found by what one is called, as a condition on what it is known by; absent where none are. */
  finds?: { known: 'id' | 'slug'; where: string };
  /** What is written of some products once it is called otherwise, besides what follows by itself. */
  renamed?(db: Queryable, products: readonly number[]): Promise<void>;
  /** What some products lose before one goes. */
  leave?(db: Queryable, one: Grouping, products: readonly number[]): Promise<void>;
}

const named =
  (word: string): NonNullable<Kept['slug']> =>
  (name, isTaken) =>
    freeSlugOf(slugOf(name) || word, isTaken);

/** Every kind as its table holds it. */
export const KEPT: Readonly<Record<GroupingOf, Kept>> = {
  category: {
    table: 'category',
    id: 'id',
    columns: {
      slug: 'slug',
      name: 'name',
      description: 'description',
      extraLine: 'extra_line',
      pictureId: 'picture_id',
      parentId: 'parent_id',
      position: 'position',
      catchAll: 'catch_all',
    },
    products: `(SELECT count(DISTINCT pc.product_id)::int FROM category_closure cc
      JOIN product_category pc ON pc.category_id = cc.descendant_id WHERE cc.ancestor_id = g.id)`,
    slug: named('category'),
    finds: { known: 'id', where: 'p.category_path && $1::int[]' },
  },
  collection: {
    table: 'collection',
    id: 'id',
    columns: {
      slug: 'slug',
      name: 'name',
      description: 'description',
      pictureId: 'picture_id',
      position: 'position',
      rule: 'rule',
    },
    products: '(SELECT count(*)::int FROM collection_product WHERE collection_id = g.id)',
    slug: named('collection'),
  },
  brand: {
    table: 'brand',
    id: 'id',
    columns: { slug: 'slug', name: 'name' },
    products: '(SELECT count(*)::int FROM product WHERE brand_id = g.id)',
    slug: named('brand'),
    finds: { known: 'id', where: 'p.brand_id = ANY($1::int[])' },
    renamed: writeWords,
    leave: async (db, _, products) => {
      await db.query('UPDATE product SET brand_id = NULL WHERE id = ANY($1)', [products]);
      await writeWords(db, products);
    },
  },
  tag: {
    table: 'tag',
    id: 'number',
    columns: { slug: 'id', name: 'name' },
    products: '(SELECT count(*)::int FROM product_tag WHERE tag = g.id)',
    slug: tagIdOf,
    finds: { known: 'slug', where: 'p.tags && $1::text[]' },
    renamed: writeWords,
    leave: async (db, { slug }, products) => {
      await db.query('DELETE FROM product_tag WHERE product_id = ANY($1) AND tag = $2', [products, slug]);
      await writeWords(db, products);
    },
  },
  option: {
    table: 'option',
    id: 'id',
    columns: { name: 'name', position: 'position' },
    products: `(SELECT count(DISTINCT pv.product_id)::int FROM option_value v
      JOIN product_option_value pv ON pv.option_value_id = v.id WHERE v.option_id = g.id)`,
  },
  value: {
    table: 'option_value',
    id: 'id',
    columns: {
      name: 'name',
      colour: 'colour',
      pictureId: 'picture_id',
      parentId: 'option_id',
      position: 'position',
    },
    products: '(SELECT count(*)::int FROM product_option_value WHERE option_value_id = g.id)',
    finds: { known: 'id', where: 'p.option_values && $1::int[]' },
  },
  field: {
    table: 'field',
    id: 'number',
    columns: { slug: 'id', name: 'name', type: 'type', unit: 'unit', position: 'position' },
    products: '(SELECT count(*)::int FROM product WHERE fields ? g.id)',
    slug: fieldIdOf,
    finds: { known: 'slug', where: 'p.fields ?| $1::text[]' },
    leave: async (db, { slug }, products) => {
      await db.query('UPDATE product SET fields = fields - $2::text WHERE id = ANY($1)', [products, slug]);
    },
  },
};

/** Ids of the products that are found by what these are called. */
export async function productsFoundBy(
  db: Queryable,
  of: GroupingOf,
  ones: readonly Grouping[],
): Promise<number[]> {
  const { finds } = KEPT[of];
  if (!finds || ones.length === 0) return [];
  const { rows } = await db.query<{ id: number }>(
    `SELECT p.id FROM product p WHERE ${finds.where} ORDER BY 1`,
    [ones.map((one) => one[finds.known])],
  );
  return rows.map(({ id }) => id);
}
