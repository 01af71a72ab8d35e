import { timingSafeEqual } from 'node:crypto';
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { object, string } from '../../core/schema/schema.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { readBody } from '../readBody.ts';
import {
  beginSession,
  endSession,
  findAccount,
  hasOwner,
  insertAccount,
  readSession,
  SESSION_DAYS,
  type Session,
} from './accountRows.ts';
import { hashPassword, LEAST_PASSWORD, passwordFits } from './passwords.ts';

const COOKIE = 'wide_shelf_session';

const same = (a: string, b: string) =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

/** Knows who is asking, and lets only the studio itself change anything. Throws a Fault. */
export async function requireSession(request: FastifyRequest, { db }: Parts): Promise<Session> {
  const token = request.cookies[COOKIE];
  const session = token ? await readSession(db, token) : null;
  if (!session) throw new Fault('sign-in-needed');
  if (!['GET', 'HEAD'].includes(request.method)) {
    const sent = request.headers['x-csrf-token'];
    if (typeof sent !== 'string' || !same(sent, session.csrf)) throw new Fault('csrf-missing');
  }
  return session;
}

const signInSchema = object({ email: string().max(200).required(), password: string().max(500).required() });
const ownerSchema = object({
  email: string().max(200).required(),
  name: string().max(120).required(),
  password: string().max(500).required(),
  code: string().max(100).required(),
});

function answerSession({ account, csrf }: Session) {
  return {
    account: { email: account.email, name: account.name, role: account.role, mayPublish: account.mayPublish },
    csrf,
  };
}

/** Sign in, sign out, who am I, and the first owner of a new store. */
export function accountRoutes(app: FastifyInstance, parts: Parts): void {
  const { db } = parts;
  const limited = { config: { rateLimit: { max: parts.signInTries, timeWindow: '1 minute' } } };

  const letIn = async (request: FastifyRequest, reply: FastifyReply, accountId: number) => {
    const { token } = await beginSession(db, accountId);
    reply.setCookie(COOKIE, token, {
      path: '/',
      httpOnly: true,
      sameSite: 'lax',
      secure: request.protocol === 'https',
      maxAge: SESSION_DAYS * 86_400,
    });
    return answerSession((await readSession(db, token))!);
  };

  app.get('/api/session', async (request) => {
    const token = request.cookies[COOKIE];
    const session = token ? await readSession(db, token) : null;
    return session ? answerSession(session) : { account: null, csrf: null, newStore: !(await hasOwner(db)) };
  });

  app.post('/api/session', limited, async (request, reply) => {
    const { email, password } = readBody(signInSchema, request.body);
    const account = await findAccount(db, email);
    if (!(await passwordFits(account?.passwordHash ?? null, password))) throw new Fault('sign-in-wrong');
    return letIn(request, reply, account!.id);
  });

  app.delete('/api/session', async (request, reply) => {
    await requireSession(request, parts);
    await endSession(db, request.cookies[COOKIE]!);
    reply.clearCookie(COOKIE, { path: '/' });
    return { account: null };
  });

  app.post('/api/owner', limited, async (request, reply) => {
    const { email, name, password, code } = readBody(ownerSchema, request.body);
    if (!parts.ownerCode || (await hasOwner(db))) throw new Fault('owner-exists');
    if (!same(code, parts.ownerCode)) throw new Fault('code-wrong');
    if (!/^[^\s@]+@[^\s@]+$/.test(email)) throw new Fault('email-wrong');
    if (password.length < LEAST_PASSWORD) throw new Fault('password-short');
    const id = await insertAccount(db, {
      email,
      name,
      role: 'owner',
      passwordHash: await hashPassword(password),
    });
    return letIn(request, reply, id);
  });
}
