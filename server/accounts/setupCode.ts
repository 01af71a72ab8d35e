import { randomBytes } from 'node:crypto';
import type { Queryable } from '../db/pool.ts';
import { hasOwner } from './accountRows.ts';

/**
 * The code that makes the first owner, the same for all processes that start on a database; null where there is an
 * owner already.
 */
export async function ensureSetupCode(db: Queryable): Promise<string | null> {
  if (await hasOwner(db)) return null;
  await db.query('INSERT INTO setup_code (code) VALUES ($1) ON CONFLICT DO NOTHING', [
    randomBytes(9).toString('base64url'),
  ]);
  return readSetupCode(db);
}

export async function readSetupCode(db: Queryable): Promise<string | null> {
  const { rows } = await db.query<{ code: string }>('SELECT code FROM setup_code');
  return rows[0]?.code ?? null;
}

/** There is an owner now; the code is of no more use. */
export async function endSetupCode(db: Queryable): Promise<void> {
  await db.query('DELETE FROM setup_code');
}
