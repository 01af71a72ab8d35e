import type { Pool } from '../../server/db/pool.ts';
import type { ProductSeed } from '../store/products.ts';
import { eventSeeds, orderSeeds } from '../store/trade.ts';
import { insertRows } from './insertRows.ts';

/** 120 days of orders and of what shoppers did. */
export async function insertTrade(
  client: Pick<Pool, 'query'>,
  products: readonly ProductSeed[],
  timeZone: string,
  agoIso: (minutes: number) => string,
): Promise<void> {
  const orders = orderSeeds(products);
  // Sales and views are rolled up by the store's own calendar as they arrive.
  await client.query('UPDATE store_figures SET time_zone = $1', [timeZone]);
  await insertRows(
    client,
    'shop_order',
    { id: 'int', placed_at: 'timestamptz' },
    orders.map((order, i) => ({ id: i + 1, placed_at: agoIso(order.minutesAgo) })),
  );
  await insertRows(
    client,
    'order_line',
    { order_id: 'int', line: 'int', product_id: 'int', quantity: 'int', price: 'int' },
    orders.flatMap((order, i) =>
      order.lines.map(({ product, quantity }, line) => ({
        order_id: i + 1,
        line: line + 1,
        product_id: product + 1,
        quantity,
        price: products[product]!.variants[0]!.price,
      })),
    ),
  );
  const visitor = (v: number) => `00000000-0000-4000-8000-${String(v).padStart(12, '0')}`;
  await insertRows(
    client,
    'shopper_event',
    {
      at: 'timestamptz',
      visitor: 'uuid',
      kind: 'text',
      page: 'text',
      shelf: 'text',
      place: 'int',
      product_id: 'int',
      band: 'text',
    },
    eventSeeds(products).map((event) => ({
      ...event,
      at: agoIso(event.minutesAgo),
      visitor: visitor(event.visitor),
      product_id: event.product === null ? null : event.product + 1,
    })),
  );
}
