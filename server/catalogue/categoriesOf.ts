/**
 * SQL for the ids of a product's categories and of those above them, the nearest first.
 * @param product SQL for its id
 */
export const categoriesOf = (product: string): string =>
  `coalesce((SELECT array_agg(near.id ORDER BY near.depth, near.id DESC) FROM (
    SELECT cc.ancestor_id AS id, min(cc.depth) AS depth
    FROM product_category pc JOIN category_closure cc ON cc.descendant_id = pc.category_id
    WHERE pc.product_id = ${product} GROUP BY cc.ancestor_id) near), '{}')`;
