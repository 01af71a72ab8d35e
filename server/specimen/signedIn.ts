import type { InjectOptions, LightMyRequestResponse } from 'fastify';
import type { Server } from '../app.ts';
import { OWNER } from './database.ts';

/** Somebody who has signed in, asking by way of Fastify's own injection. */
export interface SignedInClient {
  ask(
    method: 'GET' | 'POST' | 'DELETE',
    url: string,
    body?: unknown,
    more?: Partial<InjectOptions>,
  ): Promise<LightMyRequestResponse>;
  cookie: string;
  csrf: string;
}

export async function signedIn({ app }: Server, who = OWNER): Promise<SignedInClient> {
  const answer = await app.inject({ method: 'POST', url: '/api/session', payload: who });
  if (answer.statusCode !== 200) throw new Error(`Could not sign in: ${answer.body}`);
  const cookie = String(answer.headers['set-cookie']).split(';')[0]!;
  const { csrf } = answer.json<{ csrf: string }>();
  return {
    cookie,
    csrf,
    ask: (method, url, body, more = {}) =>
      app.inject({
        method,
        url,
        ...(body === undefined ? {} : { payload: body as object }),
        headers: { cookie, 'x-csrf-token': csrf },
        ...more,
      }),
  };
}
