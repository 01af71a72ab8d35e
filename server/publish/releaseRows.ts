import type { Plan } from '../../core/plan/plan.ts';
import { readPlan, writtenPlan, type ReadBefore } from '../../core/plan/reading.ts';
import { completeHouse, completePlan, type StoredPlan } from '../../core/plan/storedPlan.ts';
import type { Queryable } from '../db/pool.ts';
import { keepAddresses } from '../pages/formerAddress.ts';

export interface Release {
  number: number;
  publishedAt: string;
  /** As it was published, of whatever format then, in the current one. */
  stored: StoredPlan;
  plan: Plan;
  /** Parts of it that cannot be read, each in a sentence; they are left out. */
  unreadable: string[];
}

/** @param before what was read of the release before, and now of this one */
export async function readLive(db: Queryable, before?: ReadBefore): Promise<Release | null> {
  const { rows } = await db.query<{ number: number; published_at: Date; plan: unknown }>(
    'SELECT number, published_at, plan FROM release JOIN live ON live.release_number = release.number',
  );
  const row = rows[0];
  if (!row) return null;
  const { plan: stored, unreadable } = readPlan(row.plan, before);
  return {
    number: row.number,
    publishedAt: row.published_at.toISOString(),
    stored,
    plan: completePlan(stored),
    unreadable: unreadable.map(({ key, message }) => `${key}: ${message}`),
  };
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
  }: { plan: StoredPlan; changes: readonly string[]; accountId: number | null; now: number },
): Promise<number> {
  await client.query('LOCK TABLE release IN EXCLUSIVE MODE');
  const { rows } = await client.query<{ number: number }>(
    `INSERT INTO release (number, published_at, published_by, plan, changes)
     SELECT coalesce(max(number), 0) + 1, $1, $2, $3, $4 FROM release RETURNING number`,
    [new Date(now), accountId, JSON.stringify(writtenPlan(plan)), JSON.stringify(changes)],
  );
  const { number } = rows[0]!;
  await client.query(
    `INSERT INTO live (release_number) VALUES ($1) ON CONFLICT (only_one) DO UPDATE SET release_number = $1`,
    [number],
  );
  await keepAddresses(client, plan);
  // Sales and views are rolled up by the calendar of the store that shoppers see.
  await client.query('UPDATE store_figures SET time_zone = $1 WHERE time_zone <> $1', [
    completeHouse(plan.house).house.timeZone,
  ]);
  await client.query(`SELECT pg_notify('changed', 'release')`);
  return number;
}
