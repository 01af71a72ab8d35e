import { reckoned } from '../../../core/shopper/basket.ts';
import { exampleBasket } from '../../shopper/exampleBasket.ts';
import { readGoods } from '../../shopper/goodRows.ts';
import type { AboutReader } from './aboutReader.ts';

export const aboutBasket: AboutReader = {
  read: async (_, { db, now, house, shopper }) => {
    if (!shopper) return { basket: await exampleBasket(db, now) };
    const { basket: lines, sent, token } = shopper;
    const goods = await readGoods(
      db,
      lines.map(({ variantId }) => variantId),
      now,
      house,
    );
    return { basket: reckoned(lines, goods), sent, token };
  },
  example: () => Promise.resolve(''),
};
