import type { Assortment } from './assortment.ts';
import type { ProductAssortment } from './products.ts';
import { compareKeys, type Key } from './compare.ts';
import { groupHolds } from './holds.ts';
import type { ProductRecord, World } from './kinds.ts';
import { orderKind } from './orders/index.ts';
import { LAST } from './orders/plain.ts';
import { withPins } from './pins.ts';
import { clausesIn, type Group } from './rule.ts';

/** Every product named one by one in a rule, in the order named. */
export const namedIn = (rule: Group): number[] =>
  clausesIn(rule).flatMap((clause) => (clause.is === 'named' ? clause.ids : []));

/** Every product that an assortment names, in its rule or by hand. */
export const productsNamedBy = (assortment: Assortment): number[] =>
  assortment.of === 'products'
    ? [
        ...namedIn(assortment.rule),
        ...assortment.byHand.putIn,
        ...assortment.byHand.leftOut,
        ...assortment.byHand.pins.map(({ id }) => id),
      ]
    : [];

/** The sort key of an assortment's order, ended by id so that the order is total. */
export function orderKey(assortment: ProductAssortment, world: World): (product: ProductRecord) => Key {
  const { order } = assortment;
  const kind = orderKind(order.by);
  const place = new Map([...namedIn(assortment.rule)].map((id, i) => [id, i] as const).reverse());
  return (product) => [
    assortment.soldOut === 'toTheEnd' && !product.inStock ? 1 : 0,
    ...(order.by === 'asNamed' ? [place.get(product.id) ?? LAST] : kind.key(order, product, world)),
    product.id,
  ];
}

/** Whether a product is in, before the greatest number is looked at (calculations §12, what decides). */
export function isIn(
  { rule, byHand, soldOut }: ProductAssortment,
  product: ProductRecord,
  world: World,
  shownAbove: ReadonlySet<number>,
): boolean {
  if (byHand.leftOut.includes(product.id)) return false;
  if (soldOut === 'out' && !product.inStock) return false;
  if (byHand.putIn.includes(product.id)) return true;
  return groupHolds(rule, product, world) && !shownAbove.has(product.id);
}

/** What an assortment gives of its own, in order, before it is topped up. */
function ownIds(
  assortment: ProductAssortment,
  products: readonly ProductRecord[],
  world: World,
  shownAbove: ReadonlySet<number>,
): number[] {
  const { byHand } = assortment;
  const key = orderKey(assortment, world);
  const sorted = products
    .filter((product) => isIn(assortment, product, world, shownAbove))
    .map((product) => ({ id: product.id, key: key(product) }))
    .sort((a, b) => compareKeys(a.key, b.key))
    .map(({ id }) => id);
  const total = Math.min(sorted.length, assortment.limit ?? Infinity);
  const inList = new Set(sorted);
  const pins = byHand.pins.filter(({ id }) => inList.has(id));
  const pinned = new Set(pins.map(({ id }) => id));
  const put = new Set(byHand.putIn);
  const others = sorted.filter((id) => !pinned.has(id));
  // Within the greatest number, what was put in is kept before what the rule gives.
  const kept = new Set(
    [...others.filter((id) => put.has(id)), ...others.filter((id) => !put.has(id))].slice(
      0,
      total - pins.length,
    ),
  );
  const rest = others.filter((id) => kept.has(id));
  return withPins(pins, total, { rest, restFrom: 0 }, { start: 0, end: total });
}

export interface Resolved {
  ids: number[];
  /** How many of them are the assortment's own; the others topped it up. */
  own: number;
}

/**
 * Ids of an assortment of products, in order: the specification that the database is tested against.
 * @param fallbacks what tops up, one after the other (see fallbackChain)
 * @param shownAbove products that the page shows above; put-in ones are shown all the same
 */
export function resolveProducts(
  assortment: ProductAssortment,
  fallbacks: readonly ProductAssortment[],
  products: readonly ProductRecord[],
  world: World,
  shownAbove: ReadonlySet<number> = new Set(),
): Resolved {
  const own = ownIds(assortment, products, world, shownAbove);
  const { fallback, limit, byHand } = assortment;
  const [next, ...more] = fallbacks;
  if (fallback?.then !== 'topUp' || own.length >= fallback.fewerThan || !next)
    return { ids: own, own: own.length };
  const others = resolveProducts(next, more, products, world, shownAbove).ids;
  return { ids: toppedUp(own, others, topUpTo(fallback.fewerThan, limit), byHand.leftOut), own: own.length };
}

/** How many there are to be once topped up. */
export const topUpTo = (fewerThan: number, limit: number | null): number =>
  Math.min(fewerThan, limit ?? Infinity);

/** The own ones, then others until there are `wanted`, without repeats and without what was left out by hand. */
export function toppedUp(
  own: readonly number[],
  others: readonly number[],
  wanted: number,
  leftOut: readonly number[],
): number[] {
  const not = new Set([...own, ...leftOut]);
  return [...own, ...others.filter((id) => !not.has(id)).slice(0, Math.max(0, wanted - own.length))];
}
