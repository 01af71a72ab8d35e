import cookie from '@fastify/cookie';
import rateLimit from '@fastify/rate-limit';
import Fastify, {
  LogController,
  type FastifyInstance,
  type FastifyReply,
  type FastifyRequest,
  type FastifyServerOptions,
} from 'fastify';
import { facesHeld, fetchFaces } from '../core/text/faces.ts';
import { ALL, RELEASE, TYPEFACES } from '../core/view/reads.ts';
import { accountRoutes } from './accounts/routes.ts';
import { rollSoldWindows } from './assortments/facts.ts';
import { searchRoutes } from './search/routes.tsx';
import { searchIn } from './search/searchIn.ts';
import { assortmentRoutes } from './assortments/routes.ts';
import { catalogueRoutes } from './catalogue/routes.ts';
import { wholeStoreRoutes } from './wholeStore/routes.ts';
import { WorkThread } from './work/workThread.ts';
import { exchangeRoutes } from './exchange/routes.ts';
import { goodsRoutes } from './goods/routes.ts';
import { groupingRoutes } from './groupings/routes.ts';
import { journalRoutes } from './journal/routes.ts';
import { readJsonOnly } from './jsonBody.ts';
import { makePool, type Pool } from './db/pool.ts';
import { API, apiScope } from './api.ts';
import { draftRoutes } from './drafts/routes.ts';
import { asFault, Fault } from './faults.ts';
import { takeOwnTypefaces } from './fonts/own/ownRows.ts';
import { ownFontRoutes, typefaceRoutes } from './fonts/own/routes.ts';
import { fontRoutes } from './fonts/routes.ts';
import { PageCache } from './pages/pageCache.ts';
import { readEnhance } from './pages/enhance.ts';
import { publicPages } from './pages/publicPages.ts';
import { pageRoutes } from './pages/routes.tsx';
import { send } from './pages/send.ts';
import { storefront } from './pages/storefront.ts';
import type { Parts } from './parts.ts';
import { renditions } from './pictures/renditions.ts';
import { pictureStoreRoutes } from './pictures/storeRoutes.ts';
import { pictureRoutes } from './pictures/routes.ts';
import { listenForChanges } from './publish/changed.ts';
import { liveRelease } from './publish/live.ts';
import { publishRoutes } from './publish/routes.ts';
import { setUpRoutes } from './samples/routes.ts';
import { securityHeaders } from './securityHeaders.ts';
import { messageRoutes } from './shopper/messageRoutes.ts';
import { isScript, shopperRoutes } from './shopper/routes.ts';
import { studioRoutes } from './studio/routes.ts';

export interface ServerOptions {
  databaseUrl: string;
  /** A copy to read from; the same database where there is none. */
  readDatabaseUrl?: string | undefined;
  /** Where renditions of pictures are kept. */
  picturesFolder: string;
  clock?: () => number;
  /** Where shoppers find the store: scheme and host, as in "https://shop.example". */
  publicOrigin?: string | undefined;
  /** Which proxies are believed about who asks: how many of them, or their addresses; none where absent. */
  trustProxy?: number | string[] | undefined;
  signInTries?: number;
  logger?: FastifyServerOptions['logger'];
}

export interface Server {
  app: FastifyInstance;
  parts: Parts;
  stop(): Promise<void>;
}

const MOST_BODY_BYTES = 4 * 1024 * 1024;
/** A sender that is slower than this is not waited for, ms. */
const SLOWEST_HEADERS_MS = 10_000;
const SLOWEST_REQUEST_MS = 60_000;
const MOST_LOGGED_URL = 300;
const NOT_KEPT = { 'cache-control': 'no-store' };

/** Where a server is seen that nobody says more of. */
const HERE = 'http://127.0.0.1:4310';

/** The one place where the server is put together. */
export async function makeServer(options: ServerOptions): Promise<Server> {
  const { trustProxy: trusted } = options;
  const db: Pool = makePool(options.databaseUrl);
  const origin = options.publicOrigin ?? HERE;
  const readDb = options.readDatabaseUrl ? makePool(options.readDatabaseUrl) : db;
  const parts: Parts = {
    db,
    readDb,
    clock: options.clock ?? Date.now,
    storefront: storefront(readDb, {
      rollWindows: once((today: number) => rollSoldWindows(db, today)),
      searchIn: once((language: string) => searchIn(db, language)),
    }),
    pages: new PageCache(),
    live: liveRelease(db),
    renditions: renditions(readDb, options.picturesFolder),
    work: new WorkThread(db, options.databaseUrl, options.clock ?? Date.now),
    origin,
    headers: securityHeaders(origin.startsWith('https:')),
    signInTries: options.signInTries ?? 10,
  };
  const changes = listenForChanges(options.databaseUrl, (names) => {
    if (names.includes(RELEASE) || names.includes(ALL)) parts.live.forget();
    parts.storefront.changed(names);
    parts.pages.changed(names);
    if (names.includes(TYPEFACES) || names.includes(ALL)) readTypefaces().catch(() => undefined); // Away: all is announced again.
  });
  await changes.ready;
  /** Knows the store's own typefaces as they are by now; a page that was made with others is made anew. */
  async function readTypefaces(): Promise<void> {
    const before = facesHeld();
    await takeOwnTypefaces(db);
    if (facesHeld() !== before) parts.pages.changed([ALL]);
  }
  // What is published is measured exactly. A server starts while its database is away, and is told of all once it is back.
  await fetchFaces();
  await readTypefaces().catch((error: unknown) => {
    if (asFault(error).statusCode !== 503) throw error;
  });
  const enhance = readEnhance();
  const pages = publicPages(parts, enhance);

  /** Says no: to a person with a page, to a program with a code and a sentence. */
  const refuse = async (fault: Fault, request: FastifyRequest, reply: FastifyReply): Promise<void> => {
    const { code, message, details, statusCode } = fault;
    void reply.headers({ ...parts.headers, ...NOT_KEPT });
    if (isPage(request))
      return send(
        request,
        reply,
        statusCode < 500 && !(isFormOf(request) && statusCode !== 404)
          ? await pages.nowhere().catch(() => pages.refusal(fault))
          : pages.refusal(fault),
      );
    if (statusCode === 503) void reply.header('retry-after', '2');
    await reply.code(statusCode).send({ code, message, ...(details === undefined ? {} : { details }) });
  };

  const app: FastifyInstance = Fastify({
    logger: options.logger ?? false,
    // One line a request, written below when it is done.
    logController: new LogController({ disableRequestLogging: true }),
    bodyLimit: MOST_BODY_BYTES,
    routerOptions: { maxParamLength: 300, ignoreTrailingSlash: true },
    requestTimeout: SLOWEST_REQUEST_MS,
    trustProxy: typeof trusted === 'number' ? (_, hop) => hop < trusted : (trusted ?? false),
    // An address that cannot be read leads nowhere, as any other that is not there.
    frameworkErrors: (error, request, reply) => {
      void refuse(new Fault('bad-request', { cause: error }), request, reply);
    },
    forceCloseConnections: true,
  });
  app.server.headersTimeout = SLOWEST_HEADERS_MS;
  readJsonOnly(app);
  await app.register(cookie);
  await app.register(rateLimit, { global: false });

  // Pages, which are sent past all hooks, bring them themselves; what a route says of itself holds.
  app.addHook('onSend', (_, reply, payload, done) => {
    void reply.headers({ ...parts.headers, ...reply.getHeaders() });
    done(null, payload);
  });
  app.addHook('onResponse', (request, reply, done) => {
    const { method, url } = request;
    request.log.info(
      {
        method,
        url: url.slice(0, MOST_LOGGED_URL),
        status: reply.statusCode,
        ms: Math.round(reply.elapsedTime),
      },
      'answered',
    );
    done();
  });
  app.setErrorHandler((error, request, reply) => {
    const fault = asFault(error);
    const url = request.url.slice(0, MOST_LOGGED_URL);
    if (fault.statusCode >= 500) request.log.error({ err: error, url }, fault.code);
    else request.log.info({ code: fault.code, url }, fault.message);
    return refuse(fault, request, reply);
  });
  app.setNotFoundHandler((request, reply) => refuse(new Fault('not-found'), request, reply));

  app.get('/health', (_, reply) => {
    const { answers, release } = changes.pulse();
    return reply
      .code(answers ? 200 : 503)
      .headers(NOT_KEPT)
      .send({
        status: answers ? 'ok' : 'waiting',
        release: release ?? 0,
        database: answers ? 'answers' : 'does not answer',
      });
  });
  await app.register(
    (scope) =>
      apiScope(scope, parts, (api) => {
        for (const routes of [
          accountRoutes,
          draftRoutes,
          publishRoutes,
          assortmentRoutes,
          catalogueRoutes,
          goodsRoutes,
          groupingRoutes,
          journalRoutes,
          setUpRoutes,
          exchangeRoutes,
          wholeStoreRoutes,
          pictureStoreRoutes,
          messageRoutes,
          typefaceRoutes,
        ])
          routes(api, parts);
      }),
    { prefix: API },
  );
  await app.register(async (scope) => pictureRoutes(scope, parts));
  await app.register(async (scope) => pageRoutes(scope, parts, pages, enhance));
  await app.register(async (scope) => searchRoutes(scope, parts));
  await app.register(async (scope) => shopperRoutes(scope, parts, pages));
  fontRoutes(app);
  ownFontRoutes(app, parts);
  await app.register(studioRoutes);
  // What a server that ended was at.
  parts.work.go();

  return {
    app,
    parts,
    async stop() {
      await app.close();
      await parts.work.stop();
      await changes.stop();
      await Promise.all([db.end(), readDb === db ? undefined : readDb.end()]);
    },
  };
}

/** Lets a task run, but never twice at the same time; what fails is tried again when it is next asked for. */
function once<T>(task: (of: T) => Promise<void>): (of: T) => void {
  let running = false;
  return (of) => {
    if (running) return;
    running = true;
    task(of)
      .catch(() => undefined)
      .finally(() => (running = false));
  };
}

/** Whether a person asks for something to look at. */
const isPage = (request: FastifyRequest) =>
  ['GET', 'HEAD'].includes(request.method)
    ? !request.url.startsWith(`${API}/`) && !request.url.startsWith('/fragment')
    : isFormOf(request) && !isScript(request);

/** Whether a form of the store's own pages was sent. */
const isFormOf = ({ routeOptions }: FastifyRequest): boolean => routeOptions.config?.isForm ?? false;
