import type { Plan } from '../../core/plan/plan.ts';
import type { Queryable } from '../db/pool.ts';

export interface Release {
  number: number;
  publishedAt: string;
  plan: Plan;
}

export async function readLive(db: Queryable): Promise<Release | null> {
  const { rows } = await db.query<{ number: number; published_at: Date; plan: Plan }>(
    'SELECT number, published_at, plan FROM release JOIN live ON live.release_number = release.number',
  );
  const row = rows[0];
  return row ? { number: row.number, publishedAt: row.published_at.toISOString(), plan: row.plan } : null;
}

/**
 * Makes a release and lets shoppers see it, within the transaction of the caller. Every server process is told
 * when that ends.
 */
export async function insertRelease(
  client: Queryable,
  {
    plan,
    changes,
    accountId,
    now,
  }: { plan: Plan; changes: readonly string[]; accountId: number | null; now: number },
): Promise<number> {
  await client.query('LOCK TABLE release IN EXCLUSIVE MODE');
  const { rows } = await client.query<{ number: number }>(
    `INSERT INTO release (number, published_at, published_by, plan, changes)
     SELECT coalesce(max(number), 0) + 1, $1, $2, $3, $4 FROM release RETURNING number`,
    [new Date(now), accountId, JSON.stringify(plan), JSON.stringify(changes)],
  );
  const { number } = rows[0]!;
  await client.query(
    `INSERT INTO live (release_number) VALUES ($1) ON CONFLICT (only_one) DO UPDATE SET release_number = $1`,
    [number],
  );
  // Sales and views are rolled up by the calendar of the store that shoppers see.
  await client.query('UPDATE store_figures SET time_zone = $1 WHERE time_zone <> $1', [plan.house.timeZone]);
  await client.query(`SELECT pg_notify('changed', 'release')`);
  return number;
}
