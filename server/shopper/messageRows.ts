import type { Queryable } from '../db/pool.ts';

/** A message to or from a shopper, as it is written down. */
export interface NewMessage {
  kind: 'order' | 'question' | 'quote';
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
