import { randomUUID } from 'node:crypto';
import { Readable } from 'node:stream';
import type { FastifyInstance, FastifyReply } from 'fastify';
import { renderToStaticMarkup } from 'react-dom/server';
import { pageStyles } from '../../core/css/pageCss.ts';
import { publicKinds, wantedAt } from '../../core/pages/index.ts';
import type { PageAddress } from '../../core/view/address.ts';
import { Bay } from '../../storefront/bays/index.tsx';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { encodingFor } from './encoding.ts';
import { originOf } from './originOf.ts';
import { feedAt, feedOf } from './feeds.ts';
import type { Enhance } from './enhance.ts';
import { basketLinesOf, orderTokensOf, savedIdsOf } from '../shopper/shopperCookies.ts';
import type { Asked, PublicPages, Query } from './publicPages.ts';
import { leaveOut, robots } from './robots.ts';
import { send } from './send.ts';
import { sitemaps } from './sitemap.ts';

const MOST_LOOKED_AT = 30;
/** Fragments that one address may ask for in a minute: many a shopper can stand behind one. */
const MOST_FRAGMENTS = 600;
/** Feeds that one address may ask for in a minute: each reads every product. */
const MOST_FEEDS = 20;
/** Pages of its own that one address may ask for in a minute. */
const MOST_OWN_PAGES = 600;

/** Ids of products as the shopper's own cookie has them; what is none is passed over. */
const readLookedAt = (given: string | string[] | undefined): number[] =>
  (typeof given === 'string' ? given.split('.') : [])
    .filter((id) => /^\d{1,10}$/.test(id))
    .map(Number)
    .filter((id) => id > 0 && id < 2 ** 31)
    .slice(0, MOST_LOOKED_AT);

/** The public pages, drawn from the live release and the catalogue as it is. */
export function pageRoutes(
  app: FastifyInstance,
  parts: Parts,
  pages: PublicPages,
  enhance: Enhance | null,
): void {
  for (const [href, packedAs] of enhance?.files ?? [])
    app.get(href, async (request, reply) => {
      const encoding = encodingFor(request.headers);
      if (encoding !== 'identity') void reply.header('content-encoding', encoding);
      return reply
        .header('cache-control', 'public, max-age=31536000, immutable')
        .header('vary', 'accept-encoding')
        .type('text/javascript; charset=utf-8')
        .send(await packedAs(encoding));
    });

  app.get('/robots.txt', async (_, reply) => {
    const release = await parts.live.get();
    const isListed = release?.plan.house.shop.listed ?? true;
    return reply
      .type('text/plain; charset=utf-8')
      .send(isListed ? robots(originOf(release, parts)) : leaveOut);
  });
  const lists = sitemaps(parts);
  const asXml = (reply: FastifyReply, xml: string) =>
    reply.header('cache-control', 'public, max-age=300').type('application/xml; charset=utf-8').send(xml);
  app.get('/sitemap.xml', async (_, reply) => asXml(reply, await lists.index()));
  app.get<{ Params: { part: string } }>('/sitemap-:part(^\\d{1,6}$).xml', async ({ params }, reply) =>
    asXml(reply, await lists.part(Number(params.part))),
  );

  const asked = { config: { rateLimit: { max: MOST_FEEDS, timeWindow: '1 minute' } } };
  app.get<{ Params: { file: string } }>('/feed/:file', asked, async ({ params: { file } }, reply) => {
    const release = await parts.live.get();
    const feed = release && feedAt(file, release.plan.house);
    if (!feed) throw new Fault('not-found');
    const now = parts.clock();
    return reply
      .header('cache-control', 'public, max-age=600')
      .type(`${feed.type}; charset=utf-8`)
      .send(
        Readable.from(
          feedOf(feed, release.plan.house, { db: parts.readDb, origin: originOf(release, parts), now }),
        ),
      );
  });

  /** A bay that is this shopper's own, as HTML and its style sheet; never kept. */
  const limited = { config: { rateLimit: { max: MOST_FRAGMENTS, timeWindow: '1 minute' } } };
  app.get<{ Querystring: Query }>('/fragment', limited, async (request, reply) => {
    const { path, bay, looked, tab } = request.query;
    const asked = typeof path === 'string' ? wantedAt(path) : null;
    const wanted = asked && { ...asked, query: {} };
    const release = await parts.live.get();
    if (!wanted || !release || typeof bay !== 'string') throw new Fault('bad-request');
    const address: PageAddress = {
      path: String(path),
      from: {},
      open: typeof tab === 'string' ? { [bay]: tab } : {},
    };
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

  for (const kind of publicKinds) {
    const { steps, slugged } = kind.address;
    const own = { config: { rateLimit: { max: MOST_OWN_PAGES, timeWindow: '1 minute' } } };
    app.get<{ Params: { slug?: string } }>(
      `/${[...steps, ...(slugged ? [':slug'] : [])].join('/')}`,
      kind.own ? own : {},
      (request, reply) => {
        const asked = (): Asked => ({
          kind,
          slug: request.params.slug ?? '',
          query: request.query as Query,
        });
        const page = kind.own
          ? pages.own(asked(), {
              basket: basketLinesOf(request),
              saved: savedIdsOf(request),
              orders: orderTokensOf(request),
              sent: null,
              token: randomUUID(),
            })
          : pages.at(request.url, asked);
        return page instanceof Promise
          ? page.then((one) => send(request, reply, one))
          : send(request, reply, page);
      },
    );
  }
}
