import { sellsByBasket, soldAs, type StoreSelling } from '../../core/group/soldAs.ts';
import formBody from '@fastify/formbody';
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { currencyOf } from '../../core/catalogue/currencyOf.ts';
import { bayKind } from '../../core/bays/index.ts';
import { pagesFor, pageKind, pagePath, wantedAt } from '../../core/pages/index.ts';
import type { Plan } from '../../core/plan/plan.ts';
import { idSchema, object } from '../../core/schema/schema.ts';
import {
  countOf,
  MOST_LINES,
  withMore,
  withQuantity,
  type BasketLine,
} from '../../core/shopper/basketLines.ts';
import { readFields, readForm } from '../../core/shopper/forms.ts';
import { isOrderToken, withOrder } from '../../core/shopper/orderTokens.ts';
import { withoutSaved, withSaved } from '../../core/shopper/savedIds.ts';
import type { SentForm } from '../../core/shopper/shopper.ts';
import { hrefShows } from '../../core/view/address.ts';
import { anchorOf } from '../../core/view/pageView.ts';
import { textsFor } from '../../core/texts/index.ts';
import { readProductDetail } from '../catalogue/productRows.ts';
import { inTransaction } from '../db/pool.ts';
import { Fault } from '../faults.ts';
import { isFromHere } from '../fromHere.ts';
import type { PublicPages } from '../pages/publicPages.ts';
import { send } from '../pages/send.ts';
import type { Parts } from '../parts.ts';
import { readBody } from '../readBody.ts';
import { readBasketChanges, type BasketChange } from './basketChange.ts';
import { readGoods } from './goodRows.ts';
import { writeMessage } from './messageRows.ts';
import { placeOrder } from './orderRows.ts';
import { orderMessage } from './orderMessage.ts';
import {
  basketLinesOf,
  keepBasketLines,
  keepOrderTokens,
  keepSavedIds,
  orderTokensOf,
  savedIdsOf,
} from './shopperCookies.ts';

declare module 'fastify' {
  interface FastifyContextConfig {
    /** A form of the store's own pages is sent here: who is refused is shown a page. */
    isForm?: boolean;
  }
}

const MOST_FORM_BYTES = 32 * 1024;
/** Forms that one address may send in a minute. */
const MOST_CHANGES = 240;
const MOST_ORDERS = 30;
const MOST_QUESTIONS = 20;

const form = (max: number) => ({ config: { isForm: true, rateLimit: { max, timeWindow: '1 minute' } } });

/** Whether a script asks, and reads the answer itself. */
export const isScript = ({ headers }: FastifyRequest): boolean =>
  headers.accept?.includes('application/json') ?? false;

/** A product that is to be kept for later, or no longer where it is kept already. */
const savedForm = object({ product: idSchema });

/** Buying and asking, by forms that work without script: each is sent, done, and answered with where to look. */
export async function shopperRoutes(scope: FastifyInstance, parts: Parts, pages: PublicPages): Promise<void> {
  await scope.register(formBody, { bodyLimit: MOST_FORM_BYTES });
  scope.addHook('onRequest', async (request) => {
    if (!isFromHere(request, parts.origin)) throw new Fault('from-elsewhere');
  });

  const livePlan = async (): Promise<Plan> => {
    const release = await parts.live.get();
    if (!release) throw new Fault('not-found', { message: 'Nothing has been published yet.' });
    return release.plan;
  };
  const sellingPlan = async (): Promise<Plan> => {
    const plan = await livePlan();
    if (!sellsByBasket(plan.house)) throw new Fault('not-sold');
    return plan;
  };

  /** The same page again with what was sent, to be mended there. */
  const again = async (
    request: FastifyRequest,
    reply: FastifyReply,
    asked: { kind: string; slug: string; asksQuote?: boolean },
    sent: SentForm,
    { status, token = '' }: { status: number; token?: string },
  ) =>
    send(
      request,
      reply,
      await pages.own(
        { kind: pageKind(asked.kind), slug: asked.slug, query: asked.asksQuote ? { for: 'quote' } : {} },
        {
          basket: basketLinesOf(request),
          saved: savedIdsOf(request),
          orders: orderTokensOf(request),
          sent,
          token,
        },
        status,
      ),
    );

  /** The basket with more in it: all of it, or a Fault that says what cannot be had. */
  const added = async (
    lines: BasketLine[],
    changes: readonly BasketChange[],
    store: StoreSelling,
  ): Promise<BasketLine[]> => {
    const goods = await readGoods(
      parts.readDb,
      changes.map(({ variant }) => variant),
      parts.clock(),
      store,
    );
    const several = changes.length > 1 ? ' Nothing was added: empty its row, then add the others.' : '';
    let all = lines;
    for (const { variant, quantity } of changes) {
      const good = goods.get(variant);
      const name = several && good ? good.title : 'This';
      if (!good) throw new Fault('not-sold', { message: `This is not sold any more.${several}` });
      if (good.stock === 0)
        throw new Fault('not-sold', { message: `${name} is sold out just now.${several}` });
      const more = withMore(all, { variantId: variant, quantity: Math.max(1, quantity), paid: good.price });
      if (!more)
        throw new Fault('conflict', {
          message: `A basket holds ${MOST_LINES} different things at most. Take one out, then add ${several ? 'these' : 'this'}.`,
        });
      all = more;
    }
    return all;
  };

  scope.post('/basket', form(MOST_CHANGES), async (request, reply) => {
    const { house } = await sellingPlan();
    const changes = readBasketChanges(request.body);
    const [first] = changes;
    if (!first) throw new Fault('bad-request', { message: textsFor(house).notFilledIn });
    const before = basketLinesOf(request);
    const lines =
      first.do === 'add'
        ? await added(before, changes, house)
        : withQuantity(before, first.variant, first.do === 'remove' ? 0 : first.quantity);
    keepBasketLines(reply, lines, parts.origin);
    void reply.header('cache-control', 'no-store');
    return isScript(request) ? reply.send({ count: countOf(lines) }) : reply.redirect('/basket', 303);
  });

  scope.post('/saved', form(MOST_CHANGES), async (request, reply) => {
    const { product } = (request.body ?? {}) as Record<string, unknown>;
    const sent = readBody(savedForm, savedForm.cast({ product }, { assert: false }));
    const before = savedIdsOf(request);
    const saved = !before.includes(sent.product);
    if (saved) {
      const { rowCount } = await parts.readDb.query('SELECT FROM product WHERE id = $1', [sent.product]);
      if (!rowCount) throw new Fault('not-sold', { message: 'This is not sold any more.' });
    }
    const ids = saved ? withSaved(before, sent.product) : withoutSaved(before, sent.product);
    keepSavedIds(reply, ids, parts.origin);
    void reply.header('cache-control', 'no-store');
    return isScript(request) ? reply.send({ saved, count: ids.length }) : reply.redirect('/saved', 303);
  });

  scope.post('/checkout', form(MOST_ORDERS), async (request, reply) => {
    const { house } = await sellingPlan();
    const texts = textsFor(house);
    const sent = readForm('checkout', request.body, texts);
    const given = (request.body ?? {}) as Record<string, unknown>;
    const token = String(given.token);
    if (!isOrderToken(token))
      throw new Fault('bad-request', { message: 'This form cannot be read. Open the checkout again.' });
    const asked = { kind: 'checkout', slug: '' };
    if (Object.keys(sent.faults).length > 0)
      return again(request, reply, asked, sent, { status: 422, token });
    const { name = '', email = '', note = '' } = sent.values;
    const now = parts.clock();
    const lines = basketLinesOf(request);
    const placed = await inTransaction(parts.db, async (client) => {
      const one = await placeOrder(client, { lines, token, total: Number(given.total), now, store: house });
      if (one.is === 'new') {
        const { subject, body } = orderMessage(one.id, one.basket, note, currencyOf(house), texts);
        await writeMessage(client, { kind: 'order', name, email, subject, body, orderId: one.id }, now);
      }
      return one;
    });
    if (placed.is === 'changed') {
      const faults = { form: texts.totalChanged };
      return again(request, reply, asked, { ...sent, faults }, { status: 409, token });
    }
    keepBasketLines(reply, [], parts.origin);
    keepOrderTokens(reply, withOrder(orderTokensOf(request), token), parts.origin);
    return reply.header('cache-control', 'no-store').redirect(`/order/${token}`, 303);
  });

  /** A form of the owner's own, on whatever page it is. */
  scope.post('/contact', form(MOST_QUESTIONS), async (request, reply) => {
    const plan = await livePlan();
    const given = (request.body ?? {}) as Record<string, unknown>;
    const asked = typeof given.path === 'string' ? wantedAt(given.path) : null;
    const pages = asked ? pagesFor(plan, asked.kind, asked.slug) : [];
    const bay = pages.flatMap(({ bays }) => bays).find(({ id, hidden }) => id === given.bay && !hidden);
    const asks = bay && bayKind(bay.holds).form?.(bay as never);
    if (!asked || !bay || !asks) throw new Fault('not-found');
    const texts = textsFor(plan.house);
    const done = () => {
      const address = { path: pagePath(asked.kind, asked.slug), from: {}, open: {} };
      return reply
        .header('cache-control', 'no-store')
        .redirect(hrefShows(address, bay.id, asks.thanks, [], anchorOf(bay)), 303);
    };
    // As for questions about a product.
    if (given.website) return done();
    const sent = { ...readFields(asks.fields, given, texts), bay: bay.id };
    if (Object.keys(sent.faults).length > 0)
      return again(request, reply, { kind: asked.kind.id, slug: asked.slug }, sent, { status: 422 });
    const { name = '', email = '', ...own } = sent.values;
    const said = Object.entries(own).flatMap(([key, value]) =>
      value ? [`${asks.fields[key]!.label(texts)}:\n${value}`] : [],
    );
    const body = said.join('\n\n');
    await writeMessage(
      parts.db,
      { kind: 'contact', name, email, subject: texts.messageFrom(name), body },
      parts.clock(),
    );
    return done();
  });

  scope.post<{ Params: { slug: string } }>('/ask/:slug', form(MOST_QUESTIONS), async (request, reply) => {
    const { house } = await livePlan();
    const { slug } = request.params;
    const product = slug.includes('\0') ? null : await readProductDetail(parts.readDb, slug, null);
    if (!product) throw new Fault('not-found');
    const texts = textsFor(house);
    const sent = readForm('ask', request.body, texts);
    const asksQuote = (request.body as { for?: unknown } | null)?.for === 'quote';
    const done = () =>
      reply.header('cache-control', 'no-store').redirect(`/ask/${encodeURIComponent(slug)}?sent=1`, 303);
    // Only what fills in everything that it finds fills in this one; it is let believe that it was heard.
    if ((request.body as { website?: unknown } | null)?.website) return done();
    if (Object.keys(sent.faults).length > 0)
      return again(request, reply, { kind: 'ask', slug, asksQuote }, sent, { status: 422 });
    const { name = '', email = '', message = '' } = sent.values;
    const kind = soldAs(product, house).by === 'basket' && !asksQuote ? 'question' : 'quote';
    const subject = kind === 'quote' ? texts.quoteFor(product.title) : texts.questionAbout(product.title);
    await writeMessage(
      parts.db,
      { kind, name, email, subject, body: message, productId: product.id },
      parts.clock(),
    );
    return done();
  });
}
