import { reckoned, type Basket } from '../../core/shopper/basket.ts';
import type { Queryable } from '../db/pool.ts';
import { exampleVariants, readGoods } from './goodRows.ts';

const LINES = 3;

/** A basket of a few things that the store has, for when a page is shown that is nobody's yet. */
export async function exampleBasket(db: Queryable, now: number): Promise<Basket> {
  const ids = await exampleVariants(db, LINES, now);
  const goods = await readGoods(db, ids, now);
  const lines = [...goods.values()].map(({ variantId, price }, i) => ({
    variantId,
    quantity: i + 1,
    paid: price,
  }));
  return reckoned(lines, goods);
}
