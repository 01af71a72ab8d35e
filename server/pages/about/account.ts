import { inList, orderOf } from '../../../core/shopper/order.ts';
import { exampleBasket } from '../../shopper/exampleBasket.ts';
import { readOrders } from '../../shopper/orderRows.ts';
import type { AboutReader } from './aboutReader.ts';
import { aboutSaved } from './saved.ts';

export const aboutAccount: AboutReader = {
  async read(slug, input) {
    const { db, now, shopper } = input;
    const orders = shopper
      ? await readOrders(db, shopper.orders)
      : [inList(orderOf(1, await exampleBasket(db, now)), { token: 'example', placedAt: now })];
    return { account: { orders }, ...(await aboutSaved.read(slug, input)) };
  },
  example: () => Promise.resolve(''),
};
