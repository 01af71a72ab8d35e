import type { PoolClient } from 'pg';
import { reckoned, type Basket } from '../../core/shopper/basket.ts';
import type { BasketLine } from '../../core/shopper/basketLines.ts';
import type { OrderFacts, OrderInList } from '../../core/shopper/order.ts';
import type { StoreSelling } from '../../core/group/soldAs.ts';
import type { Queryable } from '../db/pool.ts';
import { CHOICE, readGoods } from './goodRows.ts';

/** An order as a shopper has agreed to it. */
export interface Placing {
  lines: readonly BasketLine[];
  /** UUID that names it; a second order of the same is the first. */
  token: string;
  /** What the shopper was told that it costs, minor units. */
  total: number;
  /** UTC ms. */
  now: number;
  store: StoreSelling;
}

/** What came of placing an order: it is there, is there already, or would not be what was agreed to. */
export type Placed = { is: 'new'; id: number; basket: Basket } | { is: 'known' } | { is: 'changed' };

const isThere = async (client: Queryable, token: string) =>
  (await client.query('SELECT FROM shop_order WHERE token = $1', [token])).rowCount === 1;

/**
 * Writes an order and takes what it holds out of the stock, within a transaction. Products, then variants, are taken in
 * one order, so that two orders of the same never wait for each other in a ring.
 */
export async function placeOrder(
  client: PoolClient,
  { lines, token, total, now, store }: Placing,
): Promise<Placed> {
  const ids = lines.map(({ variantId }) => variantId);
  await client.query(
    `SELECT FROM product WHERE id IN (SELECT product_id FROM variant WHERE id = ANY($1)) ORDER BY id FOR NO KEY UPDATE`,
    [ids],
  );
  await client.query('SELECT FROM variant WHERE id = ANY($1) ORDER BY id FOR NO KEY UPDATE', [ids]);
  if (await isThere(client, token)) return { is: 'known' };
  const basket = reckoned(lines, await readGoods(client, ids, now, store));
  if (basket.total !== total || basket.count === 0) return { is: 'changed' };
  const had = basket.lines.filter((line) => line.had > 0);
  const { rows } = await client.query<{ id: number }>(
    'INSERT INTO shop_order (placed_at, token) VALUES ($1, $2) ON CONFLICT (token) DO NOTHING RETURNING id',
    [new Date(now), token],
  );
  const [order] = rows;
  if (!order) return { is: 'known' };
  await client.query(
    `INSERT INTO order_line (order_id, line, product_id, variant_id, quantity, price)
     SELECT $1, line, product_id, variant_id, quantity, price
     FROM unnest($2::integer[], $3::integer[], $4::integer[], $5::integer[])
       WITH ORDINALITY AS taken (product_id, variant_id, quantity, price, line)`,
    [
      order.id,
      had.map(({ good }) => good.productId),
      had.map(({ good }) => good.variantId),
      had.map((line) => line.had),
      had.map(({ good }) => good.price),
    ],
  );
  await client.query(
    `UPDATE variant SET stock = stock - quantity
     FROM unnest($1::integer[], $2::integer[]) AS taken (id, quantity)
     WHERE variant.id = taken.id AND stock IS NOT NULL`,
    [had.map(({ good }) => good.variantId), had.map((line) => line.had)],
  );
  return { is: 'new', id: order.id, basket };
}

/** An order by what names it to its shopper; null where there is none. */
export async function readOrder(db: Queryable, token: string): Promise<OrderFacts | null> {
  const { rows } = await db.query<OrderFacts['lines'][number] & { number: number }>(
    `SELECT o.id AS number, p.slug, p.title, l.quantity, l.quantity::float8 * l.price AS cost,
       ${CHOICE} AS choice
     FROM shop_order o JOIN order_line l ON l.order_id = o.id JOIN product p ON p.id = l.product_id
       LEFT JOIN variant v ON v.id = l.variant_id
     WHERE o.token = $1 ORDER BY l.line`,
    [token],
  );
  const [first] = rows;
  if (!first) return null;
  return {
    number: first.number,
    lines: rows.map(({ number: _, ...line }) => line),
    total: rows.reduce((sum, { cost }) => sum + cost, 0),
  };
}

/** Orders by what names them to their shopper, in the order given; those that are none are passed over. */
export async function readOrders(db: Queryable, tokens: readonly string[]): Promise<OrderInList[]> {
  if (tokens.length === 0) return [];
  const { rows } = await db.query<Omit<OrderInList, 'placedAt'> & { placed_at: Date }>(
    `SELECT o.token, o.id AS number, o.placed_at, sum(l.quantity)::int AS count,
       sum(l.quantity::float8 * l.price) AS total
     FROM unnest($1::uuid[]) WITH ORDINALITY AS asked (token, place)
       JOIN shop_order o ON o.token = asked.token JOIN order_line l ON l.order_id = o.id
     GROUP BY o.id, asked.place ORDER BY asked.place`,
    [tokens],
  );
  return rows.map(({ placed_at, ...order }) => ({ ...order, placedAt: placed_at.getTime() }));
}
