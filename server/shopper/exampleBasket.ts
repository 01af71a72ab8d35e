import { reckoned, type Basket } from '../../core/shopper/basket.ts';
import type { StoreSelling } from '../../core/group/soldAs.ts';
import type { Queryable } from '../db/pool.ts';
import { exampleVariants, readGoods } from './goodRows.ts';

const LINES = 3;

/** Whatever a store sells in which way: nothing is bought here. */
const EVERYTHING: StoreSelling = { selling: { by: 'basket', prices: true }, groups: [] };

/** A basket of a few things that the store has, for when a page is shown that is nobody's yet. */
export async function exampleBasket(db: Queryable, now: number): Promise<Basket> {
  const ids = await exampleVariants(db, LINES, now);
  const goods = await readGoods(db, ids, now, EVERYTHING);
  const lines = [...goods.values()].map(({ variantId, price }, i) => ({
    variantId,
    quantity: i + 1,
    paid: price,
  }));
  return reckoned(lines, goods);
}
