import { currencyOf } from '../catalogue/currencyOf.ts';
import { dateFormat } from '../catalogue/formats.ts';
import { formatMoney } from '../catalogue/money.ts';
import { withHeading } from '../view/headingHeight.ts';
import type { BayKind } from './bayKind.ts';
import { shopperBay } from './shopperBay.ts';

export interface OrdersContent {
  /** The most recent first. */
  orders: { number: number; placed: string; count: number; total: string; href: string }[];
}

/** Estimated heights, px. */
const LINE_PX = 46;
const NOTHING_PX = 24;

/** What this browser has ordered. */
export const ordersBay: BayKind<object, OrdersContent> = {
  ...shopperBay,
  id: 'orders',
  name: 'Orders of the shopper',
  hasHeading: true,
  named: ({ heading }) => heading.words || 'Orders',
  atFirst: (id) => ({ bay: { id, holds: 'orders' }, shelves: [] }),
  *view(_, { about: { account }, plan: { house } }) {
    const currency = currencyOf(house);
    const date = dateFormat(currency.locale, { dateStyle: 'medium', timeZone: house.timeZone });
    return {
      content: {
        orders: (account?.orders ?? []).map(({ token, number, placedAt, count, total }) => ({
          number,
          placed: date.format(placedAt),
          count,
          total: formatMoney(total, currency),
          href: `/order/${token}`,
        })),
      },
      empty: !account,
    };
  },
  heads: (_, heading) => heading.words !== '' && heading.level === 1,
  heightPx: ({ orders }, heading, bands, regionPx) =>
    withHeading(heading, bands, regionPx, orders.length ? orders.length * LINE_PX + 1 : NOTHING_PX),
};
