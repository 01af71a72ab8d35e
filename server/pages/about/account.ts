import { inList, orderOf } from '../../../core/shopper/order.ts';
import { exampleBasket } from '../../shopper/exampleBasket.ts';
import { readOrders } from '../../shopper/orderRows.ts';
import type { AboutReader } from './aboutReader.ts';
import { aboutSaved } from './saved.ts';

export const aboutAccount: AboutReader = {
  async read(slug, input) {
    const { db, now, shopper } = input;
    if (shopper) return { account: { orders: await readOrders(db, shopper.orders), saved: shopper.saved } };
    const saved = (await aboutSaved.read(slug, input))?.saved ?? [];
    const order = orderOf(1, await exampleBasket(db, now));
    return { account: { orders: [inList(order, { token: 'example', placedAt: now })], saved } };
  },
  example: () => Promise.resolve(''),
};
