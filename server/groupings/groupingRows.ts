import type { Grouping, GroupingOf } from '../../core/groupings/grouping.ts';
import { readRule } from '../../core/plan/readRule.ts';
import { FORMAT } from '../../core/plan/formats/format.ts';
import type { Queryable } from '../db/pool.ts';

/** How one kind is kept. */
interface Kept {
  /** Every column that its owner can set, as it is read. */
  columns: Readonly<Partial<Record<keyof Grouping, string>>>;
  /** SQL for the number of different products put into `g`, and into all below it. */
  products: string;
}

/** What rows of each kind hold; what its table has no column for is empty. */
export const KEPT: Readonly<Record<GroupingOf, Kept>> = {
  category: {
    columns: {
      slug: 'slug',
      name: 'name',
      description: 'description',
      extraLine: 'extra_line',
      pictureId: 'picture_id',
      parentId: 'parent_id',
      position: 'position',
    },
    products: `(SELECT count(DISTINCT pc.product_id)::int FROM category_closure cc
      JOIN product_category pc ON pc.category_id = cc.descendant_id WHERE cc.ancestor_id = g.id)`,
  },
  collection: {
    columns: {
      slug: 'slug',
      name: 'name',
      description: 'description',
      pictureId: 'picture_id',
      position: 'position',
      rule: 'rule',
    },
    products: '(SELECT count(*)::int FROM collection_product WHERE collection_id = g.id)',
  },
  brand: {
    columns: { slug: 'slug', name: 'name' },
    products: '(SELECT count(*)::int FROM product WHERE brand_id = g.id)',
  },
};

const EMPTY: Omit<Grouping, 'id'> = {
  slug: '',
  name: '',
  description: '',
  extraLine: '',
  pictureId: null,
  parentId: null,
  position: 0,
  rule: null,
  catchAll: false,
  products: 0,
};

/** All of a kind as their owner keeps them, by id. @param counted with the number of their products, which is 0 otherwise */
export async function readGroupings(
  db: Queryable,
  of: GroupingOf,
  { counted = true } = {},
): Promise<Grouping[]> {
  const { columns, products } = KEPT[of];
  const { rows } = await db.query<Partial<Grouping> & { id: number }>(
    `SELECT g.id, ${Object.entries(columns)
      .map(([fact, column]) => `g.${column} AS "${fact}"`)
      .join(', ')}${of === 'category' ? ', g.catch_all AS "catchAll"' : ''}${
      counted ? `, ${products} AS products` : ''
    } FROM ${of} g ORDER BY g.id`,
  );
  // A rule that cannot be read finds nothing, and is kept until another is set.
  return rows.map((row) => ({ ...EMPTY, ...row, rule: row.rule ? readRule(row.rule) : null }));
}

/** A column's value as it is written. */
export const asKept = (fact: keyof Grouping, one: Grouping): unknown =>
  fact === 'rule' ? one.rule && { ...one.rule, format: FORMAT } : one[fact];
