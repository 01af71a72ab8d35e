import { orderOf } from '../../../core/shopper/order.ts';
import { isOrderToken } from '../../../core/shopper/orderTokens.ts';
import { exampleBasket } from '../../shopper/exampleBasket.ts';
import { readOrder } from '../../shopper/orderRows.ts';
import type { AboutReader } from './aboutReader.ts';

/** Stands for the token of an order where a page is shown that is nobody's. */
const EXAMPLE = 'example';

export const aboutOrder: AboutReader = {
  read: async (slug, { db, now, shopper }) => {
    if (!shopper && slug === EXAMPLE) return { order: orderOf(1, await exampleBasket(db, now)) };
    const order = isOrderToken(slug) ? await readOrder(db, slug) : null;
    return order ? { order } : null;
  },
  example: () => Promise.resolve(EXAMPLE),
};
