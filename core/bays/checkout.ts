import { emptyBasket } from '../shopper/basket.ts';
import { basketView, type BasketView } from '../shopper/basketView.ts';
import type { SentForm } from '../shopper/shopper.ts';
import type { BayKind } from './bayKind.ts';
import { shopperBay } from './shopperBay.ts';

export interface CheckoutContent {
  basket: BasketView;
  sent: SentForm | null;
  /** What would name the order; empty where the page is nobody's. */
  token: string;
}

/** Estimated heights, px. */
const LINE_PX = 46;
const FORM_PX = 560;

/** What is ordered, and for whom. */
export const checkoutBay: BayKind<object, CheckoutContent> = {
  ...shopperBay,
  id: 'checkout',
  name: 'Checkout',
  named: () => 'The checkout',
  atFirst: (id) => ({ bay: { id, holds: 'checkout' }, shelves: [] }),
  *view(_, { about, plan: { house } }) {
    const basket = about.basket ?? emptyBasket;
    return {
      content: {
        basket: basketView(basket, house),
        sent: about.sent ?? null,
        token: about.token ?? '',
      },
      empty: false,
    };
  },
  heads: () => false,
  heightPx: ({ basket }) => FORM_PX + basket.lines.length * LINE_PX,
};
