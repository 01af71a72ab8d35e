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
