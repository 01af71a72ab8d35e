import { number, object, string } from '../../schema/schema.ts';
import { counted } from '../../sentence/sentence.ts';
import { MOST_DAYS, sumOf } from '../clauses/sold.ts';
import type { OrderKind } from '../kinds.ts';
import { LAST, plainOrder } from './plain.ts';

export interface BestSoldOrder {
  by: 'bestSold';
  days: number;
}
export interface ViewedOrder {
  by: 'viewed';
  days: number;
}

const days = number().integer().min(1).max(MOST_DAYS).required();

export const bestSoldOrder: OrderKind<BestSoldOrder> = {
  id: 'bestSold',
  name: 'Bestselling',
  find: ['best sold', 'popular', 'sold', 'bestseller'],
  schema: object({
    by: string()
      .oneOf(['bestSold'] as const)
      .required(),
    days,
  }).noUnknown(),
  atFirst: () => ({ by: 'bestSold', days: 30 }),
  say: (order) => `bestselling, last ${counted(order.days, 'day')}`,
  looksAt: ['soldByDay'],
  changing: 'daily',
  key: (order, product, { today }) => [-sumOf(product.soldByDay, order.days, today)],
};

export const viewedOrder: OrderKind<ViewedOrder> = {
  id: 'viewed',
  name: 'Most viewed',
  find: ['viewed', 'seen', 'visited'],
  schema: object({
    by: string()
      .oneOf(['viewed'] as const)
      .required(),
    days,
  }).noUnknown(),
  atFirst: () => ({ by: 'viewed', days: 30 }),
  say: (order) => `most viewed, last ${counted(order.days, 'day')}`,
  looksAt: ['viewedByDay'],
  changing: 'daily',
  key: (order, product, { today }) => [-sumOf(product.viewedByDay, order.days, today)],
};

export const lastSoldOrder = plainOrder(
  'lastSold',
  'Last sold',
  'last sold first',
  ['last sold', 'just sold', 'recently sold'],
  ['lastSoldAt'],
  (product) => [product.lastSoldAt === null ? LAST : -product.lastSoldAt],
);
