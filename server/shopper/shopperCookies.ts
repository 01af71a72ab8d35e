import type { FastifyReply, FastifyRequest } from 'fastify';
import { readBasketLines, writtenBasketLines, type BasketLine } from '../../core/shopper/basketLines.ts';
import { BASKET } from '../../storefront/enhance/cookieNames.ts';

const KEPT_S = 90 * 86_400;

/** What a shopper has in the basket, as the shopper's own browser says. */
export const basketLinesOf = (request: FastifyRequest): BasketLine[] =>
  readBasketLines(request.cookies[BASKET]);

/** Has the shopper's browser keep a basket; the page's own script counts what is in it. */
export function keepBasketLines(reply: FastifyReply, lines: readonly BasketLine[], origin: string): void {
  void reply.setCookie(BASKET, writtenBasketLines(lines), {
    path: '/',
    maxAge: lines.length > 0 ? KEPT_S : 0,
    sameSite: 'lax',
    secure: origin.startsWith('https:'),
  });
}
