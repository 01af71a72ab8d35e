import type { CategoryFacts } from '../../core/catalogue/facts.ts';
import type { Queryable } from '../db/pool.ts';
import { pictureJson } from '../pictures/pictureRows.ts';

/** The whole tree, flat; each with the number of different products in it and below. */
export async function readCategories(db: Queryable): Promise<CategoryFacts[]> {
  const { rows } = await db.query<CategoryFacts>(
    `SELECT c.id, c.parent_id AS "parentId", c.slug, c.name, c.description, c.extra_line AS "extraLine", c.catch_all AS "catchAll", c.position,
       extract(epoch FROM c.created_at) * 1000 AS "createdAt",
       ${pictureJson('pic', 'c.name')} AS picture,
       (SELECT count(DISTINCT pc.product_id)::int FROM category_closure cc
          JOIN product_category pc ON pc.category_id = cc.descendant_id WHERE cc.ancestor_id = c.id) AS products
     FROM category c LEFT JOIN picture pic ON pic.id = c.picture_id ORDER BY c.id`,
  );
  return rows.map((row) => ({ ...row, createdAt: Number(row.createdAt) }));
}
