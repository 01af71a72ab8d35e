import type { FastifyReply } from 'fastify';
import { createOwner, signIn, signOut, whoAmI, type SessionAnswer } from '../../core/api/session.ts';
import { firstPlan } from '../../core/pages/firstPlan.ts';
import { readDraft, writeWholeDraft } from '../drafts/draftRows.ts';
import type { Api } from '../api.ts';
import { inTransaction } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import {
  beginSession,
  endSession,
  findAccount,
  hasOwner,
  insertAccount,
  lockAccounts,
  readSession,
  SESSION_DAYS,
  type Session,
} from './accountRows.ts';
import { endSetupCode, readSetupCode } from './setupCode.ts';
import { hashPassword, LEAST_PASSWORD, passwordFits } from './passwords.ts';
import { COOKIE, sameSecret } from './session.ts';

const answerSession = ({ account: { email, name, role, mayPublish }, csrf }: Session): SessionAnswer => ({
  account: { email, name, role, mayPublish },
  csrf,
});

/** Sign in, sign out, who am I, and the first owner of a new store. */
export function accountRoutes(api: Api, parts: Parts): void {
  const { db } = parts;

  const letIn = async (reply: FastifyReply, accountId: number) => {
    const { token } = await beginSession(db, accountId);
    reply.setCookie(COOKIE, token, {
      path: '/',
      httpOnly: true,
      sameSite: 'lax',
      secure: parts.origin.startsWith('https:'),
      maxAge: SESSION_DAYS * 86_400,
    });
    return answerSession((await readSession(db, token))!);
  };

  api.answerAnybody(whoAmI, async ({ request }) => {
    const token = request.cookies[COOKIE];
    const session = token ? await readSession(db, token) : null;
    return session ? answerSession(session) : { account: null, csrf: null, newStore: !(await hasOwner(db)) };
  });

  api.answerAnybody(signIn, async ({ body: { email, password }, reply }) => {
    const account = await findAccount(db, email);
    if (!(await passwordFits(account?.passwordHash ?? null, password))) throw new Fault('sign-in-wrong');
    return letIn(reply, account!.id);
  });

  api.answer(signOut, async ({ request, reply }) => {
    await endSession(db, request.cookies[COOKIE]!);
    reply.clearCookie(COOKIE, { path: '/' });
    return { account: null, csrf: null };
  });

  api.answerAnybody(createOwner, async ({ body, reply }) => {
    const { email, name, password, code, store } = body;
    const setupCode = await readSetupCode(db);
    if (!setupCode || (await hasOwner(db))) throw new Fault('owner-exists');
    if (!sameSecret(code, setupCode)) throw new Fault('code-wrong');
    if (!/^[^\s@]+@[^\s@]+$/.test(email)) throw new Fault('email-wrong');
    if (password.length < LEAST_PASSWORD) throw new Fault('password-short');
    const passwordHash = await hashPassword(password);
    const id = await inTransaction(db, async (client) => {
      await lockAccounts(client);
      if (await hasOwner(client)) throw new Fault('owner-exists');
      const owner = await insertAccount(client, { email, name, role: 'owner', passwordHash });
      await endSetupCode(client);
      // Something to arrange from the first minute on; what is there already stays.
      if (!(await readDraft(client)).length) await writeWholeDraft(client, firstPlan(store), owner);
      return owner;
    });
    return letIn(reply, id);
  });
}
