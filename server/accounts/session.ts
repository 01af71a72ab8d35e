import { timingSafeEqual } from 'node:crypto';
import type { FastifyRequest } from 'fastify';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { readSession, type Session } from './accountRows.ts';

export const COOKIE = 'wide_shelf_session';

/** Whether two secrets are the same, in a time that does not tell how far they are. */
export function sameSecret(a: string, b: string): boolean {
  const [one, other] = [Buffer.from(a), Buffer.from(b)];
  return one.length === other.length && timingSafeEqual(one, other);
}

/** Knows who is asking, and lets only the studio itself change anything. Throws a Fault. */
export async function requireSession(request: FastifyRequest, { db }: Pick<Parts, 'db'>): Promise<Session> {
  const token = request.cookies[COOKIE];
  const session = token ? await readSession(db, token) : null;
  if (!session) throw new Fault('sign-in-needed');
  if (!['GET', 'HEAD'].includes(request.method)) {
    const sent = request.headers['x-csrf-token'];
    if (typeof sent !== 'string' || !sameSecret(sent, session.csrf)) throw new Fault('csrf-missing');
  }
  return session;
}
