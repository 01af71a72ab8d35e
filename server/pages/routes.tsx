import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { renderToStaticMarkup } from 'react-dom/server';
import { dependsOf } from '../../core/assortment/depends.ts';
import { pageStyles } from '../../core/css/pageCss.ts';
import { readFrom } from '../../core/paging/pages.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { pageKinds, wantedAt } from '../../core/pages/index.ts';
import type { PageKind } from '../../core/pages/pageKind.ts';
import type { PageAddress } from '../../core/view/address.ts';
import { shelvesOn } from '../../core/view/shelvesIn.ts';
import type { PageView } from '../../core/view/view.ts';
import { Bay } from '../../storefront/bays/index.tsx';
import { assortmentsIn } from '../assortments/names.ts';
import { Fault } from '../faults.ts';
import { readEnhance } from './enhance.ts';
import type { Parts } from '../parts.ts';
import { htmlPage } from './document.tsx';
import { notFoundPage } from './notFound.tsx';
import { ROBOTS } from './robots.ts';
import { sentPage, type SentPage } from './pageCache.ts';
import type { Wanted } from './storefront.ts';

type Query = Record<string, string | string[] | undefined>;

/** The offsets of an address, for shelves that are there and only where they are not 0. */
function readOffsets(query: Query, plan: Plan): Record<string, number> {
  const from: Record<string, number> = {};
  for (const id of Object.keys(plan.shelves)) {
    const first = readFrom(query[`${id}.from`]);
    if (first > 0) from[id] = first;
  }
  return from;
}

const addressKey = ({ query }: Wanted, { path, from }: PageAddress) =>
  JSON.stringify([path, query, Object.entries(from).sort()]);

/** The parameters that a kind of page reads, one value each. */
const readQuery = (kind: PageKind, query: Query): Wanted['query'] =>
  Object.fromEntries(
    kind.reads.flatMap((name) => {
      const value = query[name];
      return typeof value === 'string' && value ? [[name, value]] : [];
    }),
  );

/** Sends a page that is ready, headers and all, past what only serves answers that are made on the spot. */
function send(request: FastifyRequest, reply: FastifyReply, page: SentPage): void {
  reply.hijack();
  if (request.headers['if-none-match'] === page.etag) reply.raw.writeHead(304, page.unchanged).end();
  else {
    const accepted = request.headers['accept-encoding'] ?? '';
    const { headers, body } = accepted.includes('br')
      ? page.brotli
      : accepted.includes('gzip')
        ? page.gzip
        : page.plain;
    reply.raw.writeHead(page.status, headers).end(body);
  }
}

/** Whether any selection of a plan is made from what a shopper has looked at. */
const remembers = (plan: Plan): boolean => dependsOf(assortmentsIn(plan)).reads.has('lookedAt');

/** Whether anything of a page moves, or grows where it stands. */
const hasLife = (view: PageView): boolean =>
  shelvesOn(view).some(
    ({ shelf: { steps, paging, pagers } }) =>
      steps.some((step) => step.moves) || (paging.by !== 'numbered' && pagers.length > 0),
  );

const MOST_LOOKED_AT = 30;
/** Fragments that one address may ask for in a minute: many a shopper can stand behind one. */
const MOST_FRAGMENTS = 600;

/** Ids of products as the shopper's own cookie has them; what is none is passed over. */
const readLookedAt = (given: string | string[] | undefined): number[] =>
  (typeof given === 'string' ? given.split('.') : [])
    .filter((id) => /^\d{1,10}$/.test(id))
    .map(Number)
    .filter((id) => id > 0 && id < 2 ** 31)
    .slice(0, MOST_LOOKED_AT);

/** The public pages, drawn from the live release and the catalogue as it is. */
export function pageRoutes(app: FastifyInstance, parts: Parts): void {
  const enhance = readEnhance();
  if (enhance)
    app.get(enhance.href, (request, reply) => {
      const accepted = request.headers['accept-encoding'] ?? '';
      const encoding = accepted.includes('br') ? 'br' : accepted.includes('gzip') ? 'gzip' : null;
      if (encoding) void reply.header('content-encoding', encoding);
      return reply
        .header('cache-control', 'public, max-age=31536000, immutable')
        .header('vary', 'accept-encoding')
        .type('text/javascript; charset=utf-8')
        .send(encoding === 'br' ? enhance.brotli : encoding ? enhance.gzip : enhance.plain);
    });

  app.get('/robots.txt', (_, reply) => reply.type('text/plain; charset=utf-8').send(ROBOTS));

  /** A bay that is this shopper's own, as HTML and its style sheet; never kept. */
  const limited = { config: { rateLimit: { max: MOST_FRAGMENTS, timeWindow: '1 minute' } } };
  app.get<{ Querystring: Query }>('/fragment', limited, async (request, reply) => {
    const { path, bay, looked } = request.query;
    const asked = typeof path === 'string' ? wantedAt(path) : null;
    const wanted = asked && { ...asked, query: {} };
    const release = await parts.live.get();
    if (!wanted || !release || typeof bay !== 'string') throw new Fault('bad-request');
    const address: PageAddress = { path: String(path), from: {} };
    const view = await parts.storefront.view(release.plan, wanted, address, parts.clock(), {
      bay,
      lookedAt: readLookedAt(looked),
    });
    const found = view?.bays.find(({ id, personal }) => personal && id === bay);
    if (!view || !found) throw new Fault('not-found');
    return reply.header('cache-control', 'private, no-store').send({
      html: renderToStaticMarkup(<Bay bay={found} eager={false} />),
      css: [...pageStyles(view)].flatMap(([id, css]) => (id.split(' ')[0] === found.id ? css : [])).join(''),
    });
  });

  const LONGEST_WRITTEN = 200;
  const make = async (request: FastifyRequest, wanted: Wanted, now: number): Promise<SentPage> => {
    const release = await parts.live.get();
    if (!release) throw new Fault('not-found', { message: 'Nothing has been published yet.' });
    const path = request.url.split('?', 1)[0]!.replace(/(?<=.)\/+$/, '');
    const address: PageAddress = { path, from: readOffsets(request.query as Query, release.plan) };
    const key = addressKey(wanted, address);
    const page =
      parts.pages.peek(key, now) ??
      (await parts.pages.make(key, async () => {
        const view = await parts.storefront.view(release.plan, wanted, address, now);
        if (!view) return notFoundPage(release.plan, await parts.storefront.tree());
        // Only where there is something to remember, to fill, to move or to let grow.
        const own =
          remembers(release.plan) &&
          (wanted.kind.needs === 'product' || view.bays.some(({ personal }) => personal));
        const script = enhance && (own || hasLife(view)) ? { href: enhance.href, remembers: own } : null;
        const { html, policy } = htmlPage(view, `${request.protocol}://${request.host}`, script);
        return sentPage(html, policy, 200, view.goodUntil);
      }));
    if (request.url.length <= LONGEST_WRITTEN) parts.pages.alias(request.url, key);
    return page;
  };
  const answer = (request: FastifyRequest, reply: FastifyReply, wanted: Wanted): void | Promise<void> => {
    const now = parts.clock();
    const kept = parts.pages.peekWritten(request.url, now);
    return kept
      ? send(request, reply, kept)
      : make(request, wanted, now).then((page) => send(request, reply, page));
  };
  for (const kind of pageKinds) {
    const { steps, slugged } = kind.address;
    app.get<{ Params: { slug?: string } }>(
      `/${[...steps, ...(slugged ? [':slug'] : [])].join('/')}`,
      (request, reply) =>
        answer(request, reply, {
          kind,
          slug: request.params.slug ?? '',
          query: readQuery(kind, request.query as Query),
        }),
    );
  }
}

/** The page for addresses that lead nowhere, in the store's own dress. */
export async function answerNotFound(
  request: FastifyRequest,
  reply: FastifyReply,
  parts: Parts,
): Promise<void> {
  const release = await parts.live.get().catch(() => null);
  if (!release) await reply.code(404).type('text/plain').send('There is nothing at this address.');
  else send(request, reply, notFoundPage(release.plan, await parts.storefront.tree()));
}
