import { createHash, randomBytes } from 'node:crypto';
import type { Queryable } from '../db/pool.ts';

export interface Account {
  id: number;
  email: string;
  name: string;
  role: 'owner' | 'arranger';
  mayPublish: boolean;
}

export interface Session {
  account: Account;
  csrf: string;
}

export const SESSION_DAYS = 14;

const SELECT = `account.id, email, name, role, (role = 'owner' OR may_publish) AS "mayPublish"`;
const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

export async function findAccount(
  db: Queryable,
  email: string,
): Promise<(Account & { passwordHash: string }) | null> {
  const { rows } = await db.query<Account & { passwordHash: string }>(
    `SELECT ${SELECT}, password_hash AS "passwordHash" FROM account WHERE lower(email) = lower($1)`,
    [email],
  );
  return rows[0] ?? null;
}

export async function hasOwner(db: Queryable): Promise<boolean> {
  const { rowCount } = await db.query(`SELECT FROM account WHERE role = 'owner' LIMIT 1`);
  return Boolean(rowCount);
}

/** Lets one account be made after the other, so that a store has one first owner however many ask at once. */
export async function lockAccounts(client: Queryable): Promise<void> {
  await client.query('LOCK TABLE account IN SHARE ROW EXCLUSIVE MODE');
}

export async function insertAccount(
  db: Queryable,
  {
    email,
    name,
    passwordHash,
    role,
    mayPublish = role === 'owner',
  }: Omit<Account, 'id' | 'mayPublish'> & { passwordHash: string; mayPublish?: boolean },
): Promise<number> {
  const { rows } = await db.query<{ id: number }>(
    `INSERT INTO account (email, name, password_hash, role, may_publish) VALUES ($1, $2, $3, $4, $5) RETURNING id`,
    [email, name, passwordHash, role, mayPublish],
  );
  return rows[0]!.id;
}

/** Begins a session; only the hash of its token is kept. */
export async function beginSession(
  db: Queryable,
  accountId: number,
): Promise<{ token: string; csrf: string }> {
  const [token, csrf] = [randomBytes(32).toString('base64url'), randomBytes(24).toString('base64url')];
  await db.query('DELETE FROM session WHERE expires_at < now()');
  await db.query(
    `INSERT INTO session (token_hash, account_id, csrf, expires_at) VALUES ($1, $2, $3, now() + make_interval(days => $4))`,
    [hashOf(token), accountId, csrf, SESSION_DAYS],
  );
  return { token, csrf };
}

export async function readSession(db: Queryable, token: string): Promise<Session | null> {
  const { rows } = await db.query<Account & { csrf: string }>(
    `SELECT ${SELECT}, csrf FROM session JOIN account ON account.id = account_id WHERE token_hash = $1 AND expires_at > now()`,
    [hashOf(token)],
  );
  const row = rows[0];
  if (!row) return null;
  const { csrf, ...account } = row;
  return { account, csrf };
}

export async function endSession(db: Queryable, token: string): Promise<void> {
  await db.query('DELETE FROM session WHERE token_hash = $1', [hashOf(token)]);
}
