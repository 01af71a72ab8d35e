import type { Queryable } from '../db/pool.ts';

/** Products that are caught up with in one statement, none of which may take long. */
const LOT = 1_000;

/** Does something for some ids after the others. */
export async function inLots(
  ids: readonly number[],
  each: (lot: readonly number[]) => Promise<unknown>,
): Promise<void> {
  for (let at = 0; at < ids.length; at += LOT) await each(ids.slice(at, at + LOT));
}

/**
 * Runs what writes many products, whose triggers rest meanwhile, and catches up with those that it tells.
 * @param client within a transaction
 */
export async function inBulk(client: Queryable, write: () => Promise<readonly number[]>): Promise<void> {
  await client.query(`SELECT set_config('wide_shelf.bulk', 'on', true)`);
  const ids = await write();
  await client.query(`SELECT set_config('wide_shelf.bulk', 'off', true)`);
  await inLots(ids, (lot) => client.query('SELECT after_bulk($1)', [lot]));
}
