import { emptyBasket } from '../shopper/basket.ts';
import { basketView, type BasketView } from '../shopper/basketView.ts';
import type { BayKind } from './bayKind.ts';
import { shopperBay } from './shopperBay.ts';

export interface BasketContent {
  basket: BasketView;
}

/** Estimated heights, px. */
const LINE_PX = 120;
const AROUND_PX = 220;

/** What a shopper has in the basket, to be changed and gone on with. */
export const basketBay: BayKind<object, BasketContent> = {
  ...shopperBay,
  id: 'basket',
  name: 'Basket',
  named: () => 'The basket',
  atFirst: (id) => ({ bay: { id, holds: 'basket' }, shelves: [] }),
  *view(_, { about, plan: { house } }) {
    const basket = about.basket ?? emptyBasket;
    return {
      content: { basket: basketView(basket, house) },
      empty: false,
    };
  },
  heads: () => false,
  heightPx: ({ basket }) => AROUND_PX + basket.lines.length * LINE_PX,
};
