import { currencyOf } from '../catalogue/currencyOf.ts';
import { formatMoney } from '../catalogue/money.ts';
import type { BayKind } from './bayKind.ts';
import { shopperBay } from './shopperBay.ts';

export interface OrderContent {
  /** Null where there is no such order. */
  order: {
    number: number;
    lines: { title: string; choice: string; href: string; quantity: number; cost: string }[];
    total: string;
  } | null;
}

/** Estimated heights, px. */
const LINE_PX = 46;
const AROUND_PX = 260;

/** The order that a shopper has just placed. */
export const orderBay: BayKind<object, OrderContent> = {
  ...shopperBay,
  id: 'order',
  name: 'Order placed',
  named: () => 'The order',
  atFirst: (id) => ({ bay: { id, holds: 'order' }, shelves: [] }),
  *view(_, { about: { order }, plan: { house } }) {
    const money = (minor: number) => formatMoney(minor, currencyOf(house));
    return {
      content: {
        order: order
          ? {
              number: order.number,
              lines: order.lines.map(({ slug, cost, ...line }) => ({
                ...line,
                href: `/product/${slug}`,
                cost: money(cost),
              })),
              total: money(order.total),
            }
          : null,
      },
      empty: !order,
    };
  },
  heads: () => false,
  heightPx: ({ order }) => AROUND_PX + (order?.lines.length ?? 0) * LINE_PX,
};
