import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import type { AnswerOf, AnyContract, AskedOf, SentOf } from '../core/api/contract.ts';
import { namesIn } from '../core/api/shape.ts';
import { MOST_IMPORT_BYTES } from '../core/exchange/importState.ts';
import { MOST_PICTURE_BYTES } from '../core/picture/limits.ts';
import { MOST_FONT_BYTES } from '../core/text/fontLimits.ts';
import { STORE_PART_BYTES } from '../core/wholeStore/storeFile.ts';
import type { Schema } from '../core/schema/schema.ts';
import type { Session } from './accounts/accountRows.ts';
import { requireSession } from './accounts/session.ts';
import { Fault } from './faults.ts';
import { isNotFromElsewhere } from './fromHere.ts';
import type { Parts } from './parts.ts';
import { readBody } from './readBody.ts';

declare module 'fastify' {
  interface FastifyContextConfig {
    contract?: AnyContract;
  }
  interface FastifyRequest {
    /** Who asks; null on routes that anybody may use. */
    session: Session | null;
  }
}

export interface Ask<C> {
  body: SentOf<C>;
  query: AskedOf<C>;
  /** What was sent, where the contract takes a file; else empty. */
  file: Buffer;
  request: FastifyRequest;
  reply: FastifyReply;
}

type Work<C, More> = (ask: Ask<C> & More) => Promise<AnswerOf<C>>;

/** Answers a contract; the only way to add a route below /api/. */
export interface Api {
  /** For those who have signed in. */
  answer<C extends AnyContract>(contract: C, work: Work<C, { session: Session }>): void;
  /** For a contract that anybody may use, and says so. */
  answerAnybody<C extends AnyContract>(contract: C, work: Work<C, unknown>): void;
}

export const API = '/api';

/** Tries of one secret from all addresses together, for each that a single one may have. */
const TRIES_FROM_ALL = 3;
/** Who has not signed in has little to say. */
const MOST_FROM_ANYBODY_BYTES = 16_384;
/** A file may be so large. */
const MOST_BYTES = {
  picture: MOST_PICTURE_BYTES,
  font: MOST_FONT_BYTES,
  goods: MOST_IMPORT_BYTES,
  storePart: STORE_PART_BYTES,
};
const NOTHING = Buffer.alloc(0);

/** The parameters that a contract knows; whatever else is in the address is not read, be it called as it may. */
function known(query: Schema, sent: unknown): Record<string, unknown> {
  const all = sent as Record<string, unknown>;
  return Object.fromEntries(
    namesIn(query).flatMap((name) => (Object.hasOwn(all, name) ? [[name, all[name]]] : [])),
  );
}

/**
 * The scope of all that the studio asks. It refuses by default: a route without a contract does not start, who may ask
 * is known before anything that was sent is read, and nothing of it is kept by anybody.
 */
export async function apiScope(
  scope: FastifyInstance,
  parts: Parts,
  routes: (api: Api) => void,
): Promise<void> {
  scope.decorateRequest('session', null);
  scope.addHook('onRoute', ({ url, config }) => {
    if (!config?.contract) throw new Error(`The route ${url} has no contract.`);
  });
  scope.addHook('onRequest', async (request, reply) => {
    void reply.header('cache-control', 'no-store');
    const { contract } = request.routeOptions.config;
    if (!contract) throw new Fault('not-found');
    if (!['GET', 'HEAD'].includes(request.method) && !isNotFromElsewhere(request, parts.origin))
      throw new Fault('csrf-missing');
    if (contract.who === 'anybody') return;
    request.session = await requireSession(request, parts);
    if (contract.who === 'publishers' && !request.session.account.mayPublish)
      throw new Fault('publish-not-allowed');
  });
  scope.setNotFoundHandler(() => {
    throw new Fault('not-found');
  });

  // A file is taken by those contracts alone that say so; to any other it is no JSON.
  scope.addContentTypeParser(
    /^(image\/|application\/octet-stream)/,
    { parseAs: 'buffer' },
    (request, body, done) =>
      request.routeOptions.config.contract?.takes ? done(null, body) : done(new Fault('media-type')),
  );

  const add = <C extends AnyContract>(
    contract: C,
    work: (ask: Ask<C>, session: Session | null) => Promise<AnswerOf<C>>,
  ) => {
    const { method, path, body, query, refusedAs, guessed, who, takes } = contract;
    const rateLimit = guessed && { max: parts.signInTries, timeWindow: '1 minute' };
    // Whoever asks, and from wherever: what is guessed at is the same.
    const limitOfSecret =
      guessed &&
      scope.createRateLimit({
        max: TRIES_FROM_ALL * parts.signInTries,
        timeWindow: '1 minute',
        keyGenerator: ({ body: sent }) => `${path} ${guessed(sent)}`,
      });
    scope.route({
      method,
      url: path.slice(API.length),
      config: { contract, ...(rateLimit && { rateLimit }) },
      ...(takes && { bodyLimit: MOST_BYTES[takes] }),
      ...(who === 'anybody' && { bodyLimit: MOST_FROM_ANYBODY_BYTES }),
      handler: async (request, reply) => {
        if (takes && !(request.body instanceof Buffer && request.body.length > 0))
          throw new Fault('file-missing');
        const ask = {
          file: takes ? request.body : NOTHING,
          body: body && readBody(body, request.body, refusedAs),
          query: query && readBody(query, query.cast(known(query, request.query), { assert: false })),
          request,
          reply,
        } as Ask<C>;
        if (limitOfSecret) {
          const tried = await limitOfSecret(request);
          if (!tried.isAllowed && tried.isExceeded) throw new Fault('too-many-tries');
        }
        return work(ask, request.session);
      },
    });
  };
  routes({
    answer: (contract, work) => {
      if (contract.who === 'anybody') throw new Error(`Anybody may ask ${contract.path}.`);
      add(contract, (ask, session) => work({ ...ask, session: session! }));
    },
    answerAnybody: (contract, work) => {
      if (contract.who !== 'anybody') throw new Error(`Not anybody may ask ${contract.path}.`);
      add(contract, work);
    },
  });
}
