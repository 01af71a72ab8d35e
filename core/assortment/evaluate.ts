import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { CategoryFacts } from '../catalogue/facts.ts';
import { fold } from '../catalogue/fold.ts';
import { isGroup, type CategoryAssortment, type Group, type ProductAssortment } from './assortment.ts';
import { clauseKind, type Clause } from './clauses/index.ts';
import type { ProductRecord, World } from './kinds.ts';
import { orderKind } from './orders/index.ts';

export function clauseHolds(clause: Clause, product: ProductRecord, world: World): boolean {
  return clauseKind(clause.is).holds(clause, product, world);
}

export function groupHolds(group: Group, product: ProductRecord, world: World): boolean {
  if (group.parts.length === 0) return true;
  const holds = (part: Clause | Group) =>
    isGroup(part) ? groupHolds(part, product, world) : clauseHolds(part, product, world);
  if (group.join === 'all') return group.parts.every(holds);
  if (group.join === 'any') return group.parts.some(holds);
  return !group.parts.some(holds);
}

/** Every product named one by one in a rule, in the order named. */
export function namedIn(group: Group): number[] {
  return group.parts.flatMap((part) => (isGroup(part) ? namedIn(part) : part.is === 'named' ? part.ids : []));
}

type Key = readonly (number | string)[];

export function compareKeys(a: Key, b: Key): number {
  for (let i = 0; i < a.length; i += 1) {
    const [x, y] = [a[i]!, b[i]!];
    if (x !== y) return x < y ? -1 : 1;
  }
  return 0;
}

/**
 * Ids of an assortment of products, in order: the specification that the database is tested against.
 * @param shownAbove products that are left out since the page shows them above
 */
export function evaluateProducts(
  assortment: ProductAssortment,
  products: readonly ProductRecord[],
  world: World,
  shownAbove: ReadonlySet<number> = new Set(),
): number[] {
  const order = orderKind(assortment.order.by);
  const named = new Map(
    namedIn(assortment.rule)
      .map((id, place) => [id, place])
      .reverse() as [number, number][],
  );
  const key = (product: ProductRecord): Key => [
    assortment.soldOut === 'toTheEnd' && !product.inStock ? 1 : 0,
    ...(assortment.order.by === 'asNamed'
      ? [named.get(product.id) ?? Number.MAX_SAFE_INTEGER]
      : order.key(assortment.order, product, world)),
    product.id,
  ];
  return products
    .filter((product) => assortment.soldOut !== 'out' || product.inStock)
    .filter((product) => !shownAbove.has(product.id) && groupHolds(assortment.rule, product, world))
    .map((product) => ({ id: product.id, key: key(product) }))
    .sort((a, b) => compareKeys(a.key, b.key))
    .map(({ id }) => id)
    .slice(0, assortment.limit ?? undefined);
}

/** The categories of an assortment, in order. Those that are gone are passed over. */
export function evaluateCategories(assortment: CategoryAssortment, tree: CategoryTree): CategoryFacts[] {
  const { choose, without, order } = assortment;
  const chosen =
    choose.from === 'roots'
      ? tree.roots
      : choose.from === 'children'
        ? tree.children(choose.id)
        : choose.from === 'named'
          ? [...new Set(choose.ids)].flatMap((id) => tree.byId(id) ?? [])
          : tree.roots.flatMap((root) => tree.withBelow(root.id).map((id) => tree.byId(id)!));
  const kept = chosen.filter(
    (category) =>
      !(without.empty && category.products === 0) &&
      !(without.pictureless && !category.picture) &&
      !(without.catchAll && category.catchAll),
  );
  const sorted = [...kept];
  if (order.by === 'name') sorted.sort((a, b) => compareKeys([fold(a.name), a.id], [fold(b.name), b.id]));
  if (order.by === 'count') sorted.sort((a, b) => compareKeys([-a.products, a.id], [-b.products, b.id]));
  if (order.by === 'own' && choose.from === 'named')
    sorted.sort((a, b) => compareKeys([a.position, a.id], [b.position, b.id]));
  return sorted.slice(0, assortment.limit ?? undefined);
}
