import type { Basket } from './basket.ts';

/** An order that was placed, as its page shows it. */
export interface OrderFacts {
  number: number;
  lines: { slug: string; title: string; choice: string; quantity: number; cost: number }[];
  /** Minor units. */
  total: number;
}

/** What can be had of a basket, as the order that it would come to. */
export const orderOf = (number: number, { lines, total }: Basket): OrderFacts => ({
  number,
  lines: lines.flatMap(({ good: { slug, title, choice }, had, cost }) =>
    had > 0 ? [{ slug, title, choice, quantity: had, cost }] : [],
  ),
  total,
});

/** An order among others, as a list of them shows it. */
export interface OrderInList {
  token: string;
  number: number;
  /** UTC ms. */
  placedAt: number;
  /** How many things are in it. */
  count: number;
  /** Minor units. */
  total: number;
}

/** An order as a list of them shows it. */
export const inList = (
  { number, lines, total }: OrderFacts,
  { token, placedAt }: Pick<OrderInList, 'token' | 'placedAt'>,
): OrderInList => ({
  token,
  number,
  placedAt,
  count: lines.reduce((sum, { quantity }) => sum + quantity, 0),
  total,
});
