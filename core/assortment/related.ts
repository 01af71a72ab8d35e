import type { CategoryTree } from '../catalogue/categoryTree.ts';
import { paid } from './clauses/price.ts';
import type { ProductRecord, World } from './kinds.ts';

/**
 * How alike two products are, in points (calculations §12). All whole numbers, so that memory and database
 * agree. Shared tags; the same category or one beside it; bought together (lift over all orders); a price near.
 */
export const relatedWeights = {
  /** Each shared tag, up to three. */
  tag: 12,
  mostTags: 3,
  /** The same category; or one with the same parent, or the parent or child of one. */
  sameCategory: 30,
  nearCategory: 15,
  /** Tenths of lift, up to 40: twice as often as chance gives 20. */
  mostLift: 40,
  /** A price within a quarter. */
  price: 8,
} as const;

/** Fewer points than this, and two products are not called related. */
export const LEAST_RELATED = 27;

/** Categories of a product, and those next to them in the tree, without the former. */
export function nearCategories(
  tree: CategoryTree,
  ids: readonly number[],
): { same: number[]; near: number[] } {
  const same = new Set(ids);
  const near = new Set<number>();
  for (const id of ids) {
    const parent = tree.byId(id)?.parentId ?? null;
    const beside = parent === null ? [] : [parent, ...tree.children(parent).map((one) => one.id)];
    for (const one of [...beside, ...tree.children(id).map((child) => child.id)])
      if (!same.has(one)) near.add(one);
  }
  return { same: [...same], near: [...near] };
}

/** Bounds of a price that counts as near, both included. */
export const nearPrices = (price: number): { least: number; most: number } => ({
  least: Math.ceil((price * 3) / 4),
  most: Math.floor((price * 5) / 4),
});

/** Tenths of lift: how much oftener two products share an order than by chance. */
export function liftTenths(both: number, one: number, other: number, orders: number): number {
  if (both === 0 || one === 0 || other === 0) return 0;
  return Number((10n * BigInt(both) * BigInt(orders)) / (BigInt(one) * BigInt(other)));
}

/** Points of likeness to the product of the page; 0 for itself, and where the page is about none. */
export function relatedness(product: ProductRecord, { product: to, tree, orders }: World): number {
  if (!to || to.id === product.id) return 0;
  const w = relatedWeights;
  const tags = product.tags.filter((tag) => to.tags.includes(tag)).length;
  const { same, near } = nearCategories(tree, to.categoryIds);
  const category = product.categoryIds.some((id) => same.includes(id))
    ? w.sameCategory
    : product.categoryIds.some((id) => near.includes(id))
      ? w.nearCategory
      : 0;
  const lift = liftTenths(to.boughtWith.get(product.id) ?? 0, to.orders, product.orders, orders);
  const { least, most } = nearPrices(paid(to));
  return (
    Math.min(w.mostTags, tags) * w.tag +
    category +
    Math.min(w.mostLift, lift) +
    (paid(product) >= least && paid(product) <= most ? w.price : 0)
  );
}
