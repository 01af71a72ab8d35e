import type { Order } from '../../../core/assortment/orders/index.ts';
import type { SqlWorld, Statement } from '../statement.ts';

export interface OrderSql {
  /** Joins that the keys need; product is `p`. */
  join?: string;
  /** Keys, the first counting most; the id is added by the caller. */
  keys: string[];
}

type OrderToSql<O extends Order> = (order: O, statement: Statement, world: SqlWorld) => OrderSql;

const plain =
  (...keys: string[]): OrderToSql<Order> =>
  () => ({ keys });

/** Each kind of order as keys; `asNamed` is made by the statement, which knows the rule. */
export const orderSql: { [K in Exclude<Order['by'], 'asNamed'>]: OrderToSql<Extract<Order, { by: K }>> } = {
  newest: plain('p.on_sale_from DESC'),
  oldest: plain('p.on_sale_from'),
  title: plain('p.title_key'),
  priceUp: plain('coalesce(p.reduced, p.price)'),
  priceDown: plain('coalesce(p.reduced, p.price) DESC'),
  reduction: plain('coalesce((10000 * (p.price::bigint - p.reduced)) / nullif(p.price, 0), 0) DESC'),
  position: plain('p.position NULLS LAST', 'p.title_key'),
  bestSold: ({ days }, statement, { today }) => ({
    join: `LEFT JOIN (SELECT product_id, sum(units) AS units FROM sold_daily
             WHERE day > ${statement.value(today - days)} AND day <= ${statement.value(today)}
             GROUP BY product_id) sold ON sold.product_id = p.id`,
    keys: ['coalesce(sold.units, 0) DESC'],
  }),
};
