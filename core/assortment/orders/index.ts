import { number, object, string, type Schema } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import type { OrderKind, ProductRecord, World } from '../kinds.ts';

interface PlainOrder<Id extends string> {
  by: Id;
}
export interface BestSoldOrder {
  by: 'bestSold';
  days: number;
}
export type Order =
  | PlainOrder<'newest' | 'oldest' | 'title' | 'priceUp' | 'priceDown' | 'reduction' | 'position' | 'asNamed'>
  | BestSoldOrder;

export const MOST_SOLD_DAYS = 365;

function plainOrder<Id extends Exclude<Order['by'], 'bestSold'>>(
  id: Id,
  name: string,
  said: string,
  find: readonly string[],
  key: (product: ProductRecord, world: World) => (number | string)[],
): OrderKind<PlainOrder<Id>> {
  return {
    id,
    name,
    find,
    schema: object({ by: string().oneOf([id]).required() }).noUnknown() as unknown as Schema<PlainOrder<Id>>,
    atFirst: () => ({ by: id }),
    say: () => said,
    daily: false,
    key: (_, product, world) => key(product, world),
  };
}

/** Price that a shopper pays. */
export const paid = (product: ProductRecord): number => product.reduced ?? product.price;

/** Whole hundredths of a percent, so that memory and database agree to the digit. */
const reduction = (product: ProductRecord): number =>
  product.reduced === null ? 0 : Math.floor((10_000 * (product.price - product.reduced)) / product.price);

const bestSold: OrderKind<BestSoldOrder> = {
  id: 'bestSold',
  name: 'Best sold',
  find: ['best sold', 'popular', 'sold', 'bestseller'],
  schema: object({
    by: string()
      .oneOf(['bestSold'] as const)
      .required(),
    days: number().integer().min(1).max(MOST_SOLD_DAYS).required(),
  }).noUnknown(),
  atFirst: () => ({ by: 'bestSold', days: 30 }),
  say: ({ days }) => `best sold in ${counted(days, 'day')} first`,
  daily: true,
  key: ({ days }, product, { today }) => {
    let units = 0;
    for (const [day, sold] of product.soldByDay) if (day > today - days && day <= today) units += sold;
    return [-units];
  },
};

/** Every order there is. `asNamed` takes its places from the named clause (see evaluate). */
export const orderKinds: readonly OrderKind<Order>[] = [
  plainOrder('newest', 'Newest', 'newest first', ['newest', 'new', 'latest'], (p) => [-p.onSaleFrom]),
  plainOrder('oldest', 'Oldest', 'oldest first', ['oldest'], (p) => [p.onSaleFrom]),
  bestSold,
  plainOrder('reduction', 'Largest reduction', 'largest reduction first', ['reduction', 'percent'], (p) => [
    -reduction(p),
  ]),
  plainOrder('priceUp', 'Price, lowest', 'cheapest first', ['price', 'cheapest'], (p) => [paid(p)]),
  plainOrder('priceDown', 'Price, highest', 'dearest first', ['price', 'dearest'], (p) => [-paid(p)]),
  plainOrder('title', 'Title', 'by title', ['title', 'name', 'alphabet'], (p) => [p.titleKey]),
  plainOrder('position', 'Your own order', 'in your own order', ['own', 'position'], (p) => [
    p.position ?? Number.MAX_SAFE_INTEGER,
    p.titleKey,
  ]),
  plainOrder('asNamed', 'As named', 'in the order named', ['named', 'by hand'], () => []),
] as unknown as readonly OrderKind<Order>[];

export function orderKind(id: string): OrderKind<Order> {
  const kind = orderKinds.find((one) => one.id === id);
  if (!kind) throw new RangeError(`There is no order "${id}".`);
  return kind;
}
