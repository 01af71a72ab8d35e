import type { Message, MessageKind } from '../../core/shopper/message.ts';
import type { Queryable } from '../db/pool.ts';

/** A message to or from a shopper, as it is written down. */
export interface NewMessage {
  kind: MessageKind;
  name: string;
  email: string;
  subject: string;
  body: string;
  productId?: number;
  orderId?: number;
}

/** Puts a message into the outbox. @param now UTC ms */
export async function writeMessage(db: Queryable, message: NewMessage, now: number): Promise<void> {
  const { kind, name, email, subject, body, productId = null, orderId = null } = message;
  await db.query(
    `INSERT INTO message (at, kind, name, email, subject, body, product_id, order_id)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
    [new Date(now), kind, name, email, subject, body, productId, orderId],
  );
}

interface Row extends Omit<Message, 'at' | 'product'> {
  at: Date;
  slug: string | null;
  title: string | null;
}

/** Messages from the newest down, `most` at most. @param before id of the one that they come after; null for the newest */
export async function readMessages(db: Queryable, before: number | null, most: number): Promise<Message[]> {
  const { rows } = await db.query<Row>(
    `SELECT m.id, m.at, m.kind, m.name, m.email, m.subject, m.body, m.read_at IS NOT NULL AS read, p.slug, p.title
     FROM message m LEFT JOIN product p ON p.id = m.product_id
     WHERE m.removed_at IS NULL AND ($1::bigint IS NULL OR m.id < $1) ORDER BY m.id DESC LIMIT $2`,
    [before, most],
  );
  return rows.map(({ at, slug, title, ...row }) => ({
    ...row,
    at: at.toISOString(),
    product: slug !== null && title !== null ? { slug, title } : null,
  }));
}

export async function countUnread(db: Queryable): Promise<number> {
  const { rows } = await db.query<{ count: number }>(
    'SELECT count(*)::integer FROM message WHERE read_at IS NULL AND removed_at IS NULL',
  );
  return rows[0]!.count;
}

/** @param now UTC ms */
export async function markMessage(db: Queryable, id: number, read: boolean, now: number): Promise<void> {
  await db.query('UPDATE message SET read_at = $2 WHERE id = $1', [id, read ? new Date(now) : null]);
}

const DAY_MS = 86_400_000;
/** So long a message that was removed can be put back. */
const KEPT_MS = 30 * DAY_MS;

/** Removes a message or puts it back, and lets go of those that were removed long ago. @param now UTC ms */
export async function removeMessage(db: Queryable, id: number, removed: boolean, now: number): Promise<void> {
  await db.query('UPDATE message SET removed_at = $2 WHERE id = $1', [id, removed ? new Date(now) : null]);
  await db.query('DELETE FROM message WHERE removed_at < $1', [new Date(now - KEPT_MS)]);
}
