import { evaluateCategories } from '../../core/assortment/evaluate.ts';
import type { CategoryTree } from '../../core/catalogue/categoryTree.ts';
import type { ItemsAnswer, ItemsRequest } from '../../core/view/view.ts';
import { readProducts } from '../catalogue/productRows.ts';
import type { Queryable } from '../db/pool.ts';
import { readProductIds } from './productIds.ts';
import type { SqlWorld } from './statement.ts';

/** Answers a view's request from the database. */
export async function answerItems(
  db: Queryable,
  request: Omit<ItemsRequest, 'shelfId'>,
  world: SqlWorld & { tree: CategoryTree },
): Promise<ItemsAnswer> {
  const { assortment, start, count } = request;
  if (assortment.of === 'categories') {
    const all = evaluateCategories(assortment, world.tree);
    return {
      total: all.length,
      start,
      items: all.slice(start, start + count).map((category) => ({ of: 'categories', category })),
    };
  }
  const { total, ids } = await readProductIds(db, assortment, world, request);
  const products = await readProducts(db, ids);
  return {
    total,
    start,
    items: ids.flatMap((id) => (products.has(id) ? [{ of: 'products', product: products.get(id)! }] : [])),
  };
}
