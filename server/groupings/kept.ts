import { freeSlugOf, slugOf } from '../../core/catalogue/slugOf.ts';
import type { Grouping, GroupingOf } from '../../core/groupings/grouping.ts';
import type { Queryable } from '../db/pool.ts';
import { writeWords } from '../goods/writeWords.ts';

/** How one kind is kept. */
export interface Kept {
  /** The column that it is known by. */
  id: 'id' | 'number';
  /** The column of every fact that its table has; what it has none for is empty. */
  columns: Readonly<Partial<Record<keyof Grouping, string>>>;
  /** SQL for the number of different products put into `g`, and into all below it. */
  products: string;
  /** The address of a new one, which none has yet. */
  slug(name: string, isTaken: (slug: string) => boolean): string;
  /** What follows where some are called otherwise. */
  renamed?(db: Queryable, ids: readonly number[]): Promise<void>;
  /** What products lose before one goes. */
  leave?(db: Queryable, one: Grouping): Promise<void>;
}

const named =
  (word: string): Kept['slug'] =>
  (name, isTaken) =>
    freeSlugOf(slugOf(name) || word, isTaken);

const LONGEST_FIELD_ID = 60;
/** Room for the number that an id may end with. */
const NUMBER_LENGTH = 10;

const productsOf = async (db: Queryable, brands: readonly number[]): Promise<number[]> => {
  const { rows } = await db.query<{ id: number }>('SELECT id FROM product WHERE brand_id = ANY($1)', [
    brands,
  ]);
  return rows.map(({ id }) => id);
};

/** Every kind as its table holds it. */
export const KEPT: Readonly<Record<GroupingOf, Kept>> = {
  category: {
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
  },
  collection: {
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
    id: 'id',
    columns: { slug: 'slug', name: 'name' },
    products: '(SELECT count(*)::int FROM product WHERE brand_id = g.id)',
    slug: named('brand'),
    // Products are found by the name of their brand.
    renamed: async (db, ids) => writeWords(db, await productsOf(db, ids)),
    leave: async (db, { id }) => {
      const products = await productsOf(db, [id]);
      await db.query('UPDATE product SET brand_id = NULL WHERE id = ANY($1)', [products]);
      await writeWords(db, products);
    },
  },
  field: {
    id: 'number',
    columns: { slug: 'id', name: 'name', type: 'type', unit: 'unit', position: 'position' },
    products: '(SELECT count(*)::int FROM product WHERE fields ? g.id)',
    // Rules name it by letters, digits and underscores, a letter first.
    slug: (name, isTaken) => {
      const word = slugOf(name)
        .replaceAll('-', '_')
        .slice(0, LONGEST_FIELD_ID - NUMBER_LENGTH);
      const wanted = /^[a-z]/.test(word) ? word : `field_${word}`;
      return freeSlugOf(wanted, (slug) => isTaken(slug.replaceAll('-', '_'))).replaceAll('-', '_');
    },
    leave: async (db, { slug }) => {
      await db.query('UPDATE product SET fields = fields - $1::text WHERE fields ? $1', [slug]);
    },
  },
};
