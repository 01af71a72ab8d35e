import type { OrderKind } from '../kinds.ts';
import {
  bestSoldOrder,
  lastSoldOrder,
  viewedOrder,
  type BestSoldOrder,
  type ViewedOrder,
} from './byDemand.ts';
import { fieldOrder, type FieldOrder } from './byField.ts';
import { plainOrders, type PlainOrder } from './plain.ts';
import { bestMatchOrder, lookedAtOrder, relatedOrder, savedOrder } from './personal.ts';
import { ratingOrder } from './rating.ts';
import { shuffledOrder, type ShuffledOrder } from './shuffled.ts';

export type Order = PlainOrder | BestSoldOrder | ViewedOrder | FieldOrder | ShuffledOrder;

/** Every order there is; to add one, define it and list it here. `asNamed` takes its places from the rule. */
export const orderKinds: readonly OrderKind<Order>[] = [
  ...plainOrders,
  ratingOrder,
  fieldOrder,
  bestSoldOrder,
  lastSoldOrder,
  viewedOrder,
  lookedAtOrder,
  savedOrder,
  bestMatchOrder,
  relatedOrder,
  shuffledOrder,
];

export function orderKind(id: string): OrderKind<Order> {
  const kind = orderKinds.find((one) => one.id === id);
  if (!kind) throw new RangeError(`There is no order "${id}".`);
  return kind;
}
