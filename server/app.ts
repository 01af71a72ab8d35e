import cookie from '@fastify/cookie';
import rateLimit from '@fastify/rate-limit';
import Fastify, {
  LogController,
  type FastifyInstance,
  type FastifyReply,
  type FastifyServerOptions,
} from 'fastify';
import { accountRoutes } from './accounts/routes.ts';
import { rollSoldWindows } from './assortments/facts.ts';
import { assortmentRoutes } from './assortments/routes.ts';
import { catalogueRoutes } from './catalogue/routes.ts';
import { makePool, type Pool } from './db/pool.ts';
import { API, apiScope } from './api.ts';
import { draftRoutes } from './drafts/routes.ts';
import { asFault, Fault } from './faults.ts';
import { PageCache } from './pages/pageCache.ts';
import { answerNotFound, pageRoutes } from './pages/routes.tsx';
import { storefront } from './pages/storefront.ts';
import type { Parts } from './parts.ts';
import { renditions } from './pictures/renditions.ts';
import { pictureRoutes } from './pictures/routes.ts';
import { listenForChanges } from './publish/changed.ts';
import { liveRelease } from './publish/live.ts';
import { publishRoutes } from './publish/routes.ts';
import { studioRoutes } from './studio/routes.ts';

export interface ServerOptions {
  databaseUrl: string;
  /** A copy to read from; the same database where there is none. */
  readDatabaseUrl?: string | undefined;
  /** Where renditions of pictures are kept. */
  picturesFolder: string;
  clock?: () => number;
  ownerCode?: string | null;
  signInTries?: number;
  logger?: FastifyServerOptions['logger'];
}

export interface Server {
  app: FastifyInstance;
  parts: Parts;
  stop(): Promise<void>;
}

const MOST_BODY_BYTES = 4 * 1024 * 1024;
const MOST_URL = 4_000;
/** What a browser may take it for is on every answer; pages, which are sent past all hooks, bring it themselves. */
const NO_SNIFFING = { 'x-content-type-options': 'nosniff' };
const NOT_KEPT = { 'cache-control': 'no-store', ...NO_SNIFFING };

/** The one place where the server is put together. */
export async function makeServer(options: ServerOptions): Promise<Server> {
  const db: Pool = makePool(options.databaseUrl);
  const readDb = options.readDatabaseUrl ? makePool(options.readDatabaseUrl) : db;
  const parts: Parts = {
    db,
    readDb,
    clock: options.clock ?? Date.now,
    storefront: storefront(
      readDb,
      once((today) => rollSoldWindows(db, today)),
    ),
    pages: new PageCache(),
    live: liveRelease(db),
    renditions: renditions(readDb, options.picturesFolder),
    ownerCode: options.ownerCode ?? null,
    signInTries: options.signInTries ?? 10,
  };
  const changes = listenForChanges(options.databaseUrl, (what) => {
    if (what !== 'catalogue') parts.live.forget();
    if (what !== 'release') parts.storefront.forget();
    parts.pages.clear();
  });
  await changes.ready;

  const app = Fastify({
    logger: options.logger ?? false,
    // One line a request, written below when it is done.
    logController: new LogController({ disableRequestLogging: true }),
    bodyLimit: MOST_BODY_BYTES,
    routerOptions: { maxParamLength: 300, ignoreTrailingSlash: true },
    // An address that cannot be read leads nowhere, as any other that is not there.
    frameworkErrors: (error, request, reply) => {
      if (error.code === 'FST_ERR_BAD_URL' && !isApi(request.url)) void answerNotFound(request, reply, parts);
      else {
        const { statusCode, code, message } = new Fault('bad-request', { cause: error });
        void (reply as FastifyReply).code(statusCode).headers(NOT_KEPT).send({ code, message });
      }
    },
    forceCloseConnections: true,
  });
  await app.register(cookie);
  await app.register(rateLimit, { global: false });

  app.addHook('onRequest', async (request, reply) => {
    void reply.headers(NO_SNIFFING);
    if (request.url.length > MOST_URL)
      throw new Fault('bad-request', { message: 'This address is too long.' });
  });
  app.addHook('onResponse', (request, reply, done) => {
    const { method, url } = request;
    request.log.info(
      { method, url, status: reply.statusCode, ms: Math.round(reply.elapsedTime) },
      'answered',
    );
    done();
  });
  app.setErrorHandler((error, request, reply) => {
    const fault = asFault(error);
    if (fault.statusCode >= 500) request.log.error({ err: error, url: request.url }, fault.code);
    else request.log.info({ code: fault.code, url: request.url }, fault.message);
    if (fault.code === 'not-found' && !isApi(request.url)) return answerNotFound(request, reply, parts);
    return reply
      .code(fault.statusCode)
      .headers(NOT_KEPT)
      .send({
        code: fault.code,
        message: fault.message,
        ...(fault.details === undefined ? {} : { details: fault.details }),
      });
  });
  app.setNotFoundHandler((request, reply) => {
    if (!isApi(request.url) && ['GET', 'HEAD'].includes(request.method))
      return answerNotFound(request, reply, parts);
    const { code, message } = new Fault('not-found');
    return reply.code(404).headers(NOT_KEPT).send({ code, message });
  });

  app.get('/health', async (_, reply) => {
    void reply.headers(NOT_KEPT);
    const release = await parts.live.get();
    return { status: 'ok', release: release?.number ?? 0 };
  });
  await app.register(
    (scope) =>
      apiScope(scope, parts, (api) => {
        for (const routes of [accountRoutes, draftRoutes, publishRoutes, assortmentRoutes, catalogueRoutes])
          routes(api, parts);
      }),
    { prefix: API },
  );
  for (const routes of [pictureRoutes, pageRoutes]) await app.register(async (scope) => routes(scope, parts));
  await app.register(studioRoutes);

  return {
    app,
    parts,
    async stop() {
      await app.close();
      await changes.stop();
      await Promise.all([db.end(), readDb === db ? undefined : readDb.end()]);
    },
  };
}

/** Lets a task run, but never twice at the same time; what fails is tried again when it is next asked for. */
function once(task: (today: number) => Promise<void>): (today: number) => void {
  let running = false;
  return (today) => {
    if (running) return;
    running = true;
    task(today)
      .catch(() => undefined)
      .finally(() => (running = false));
  };
}

const isApi = (url: string) => url.startsWith(`${API}/`);
