import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { readFrom } from '../../core/paging/pages.ts';
import type { Plan } from '../../core/plan/plan.ts';
import type { PageAddress } from '../../core/view/pageView.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { htmlPage } from './document.tsx';
import { notFoundPage } from './notFound.tsx';
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

const addressKey = (wanted: Wanted, { path, from }: PageAddress) =>
  JSON.stringify([path, 'variantId' in wanted ? wanted.variantId : null, Object.entries(from).sort()]);

/** Sends a page that is ready, headers and all, past what only serves answers that are made on the spot. */
function send(request: FastifyRequest, reply: FastifyReply, page: SentPage): FastifyReply {
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
  return reply;
}

/** The public pages, drawn from the live release and the catalogue as it is. */
export function pageRoutes(app: FastifyInstance, parts: Parts): void {
  const LONGEST_WRITTEN = 200;
  const make = async (request: FastifyRequest, wanted: Wanted, now: number): Promise<SentPage> => {
    const release = await parts.live.get();
    if (!release) throw new Fault('not-found', { message: 'Nothing has been published yet.' });
    const path = request.url.split('?', 1)[0]!;
    const address: PageAddress = { path, from: readOffsets(request.query as Query, release.plan) };
    const key = addressKey(wanted, address);
    const page =
      parts.pages.peek(key, now) ??
      (await parts.pages.make(key, async () => {
        const view = await parts.storefront.view(release.plan, wanted, address, now);
        if (!view) return notFoundPage(release.plan, await parts.storefront.tree());
        const { html, policy } = htmlPage(view, `${request.protocol}://${request.host}`);
        return sentPage(html, policy, 200, view.goodUntil);
      }));
    if (request.url.length <= LONGEST_WRITTEN) parts.pages.alias(request.url, key);
    return page;
  };
  const answer = (request: FastifyRequest, reply: FastifyReply, wanted: Wanted) => {
    const now = parts.clock();
    const kept = parts.pages.peekWritten(request.url, now);
    return kept
      ? send(request, reply, kept)
      : make(request, wanted, now).then((page) => send(request, reply, page));
  };
  app.get('/', (request, reply) => answer(request, reply, { of: 'home' }));
  app.get('/shop', (request, reply) => answer(request, reply, { of: 'shop' }));
  app.get('/journal', (request, reply) => answer(request, reply, { of: 'journal' }));
  const bySlug = {
    '/category/:slug': 'category',
    '/collection/:slug': 'collection',
    '/journal/:slug': 'entry',
  } as const;
  for (const [path, of] of Object.entries(bySlug))
    app.get<{ Params: { slug: string } }>(path, (request, reply) =>
      answer(request, reply, { of, slug: request.params.slug }),
    );
  app.get<{ Params: { slug: string } }>('/product/:slug', (request, reply) => {
    const variant = readFrom((request.query as Query).variant);
    return answer(request, reply, { of: 'product', slug: request.params.slug, variantId: variant || null });
  });
}

/** The page for addresses that lead nowhere, in the store's own dress. */
export async function answerNotFound(
  request: FastifyRequest,
  reply: FastifyReply,
  parts: Parts,
): Promise<FastifyReply> {
  const release = await parts.live.get().catch(() => null);
  if (!release) return reply.code(404).type('text/plain').send('There is nothing at this address.');
  return send(request, reply, notFoundPage(release.plan, await parts.storefront.tree()));
}
