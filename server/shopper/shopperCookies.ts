import type { FastifyReply, FastifyRequest } from 'fastify';
import { readBasketLines, writtenBasketLines, type BasketLine } from '../../core/shopper/basketLines.ts';
import { readSavedIds, writtenSavedIds } from '../../core/shopper/savedIds.ts';
import { readOrderTokens, writtenOrderTokens } from '../../core/shopper/orderTokens.ts';
import { BASKET, ORDERS, SAVED } from '../../storefront/enhance/cookieNames.ts';

const KEPT_S = 90 * 86_400;

/** What a shopper has in the basket, as the shopper's own browser says. */
export const basketLinesOf = (request: FastifyRequest): BasketLine[] =>
  readBasketLines(request.cookies[BASKET]);

/** What a shopper keeps for later, as the shopper's own browser says. */
export const savedIdsOf = (request: FastifyRequest): number[] => readSavedIds(request.cookies[SAVED]);

/** What names the orders of a shopper, as the shopper's own browser says. */
export const orderTokensOf = (request: FastifyRequest): string[] => readOrderTokens(request.cookies[ORDERS]);

/** Has the shopper's browser keep something for the page's own script to read too; nothing where it is empty. */
function keep(reply: FastifyReply, name: string, text: string, origin: string, httpOnly = false): void {
  void reply.setCookie(name, text, {
    path: '/',
    maxAge: text === '' ? 0 : KEPT_S,
    sameSite: 'lax',
    httpOnly,
    secure: origin.startsWith('https:'),
  });
}

export const keepBasketLines = (reply: FastifyReply, lines: readonly BasketLine[], origin: string): void =>
  keep(reply, BASKET, writtenBasketLines(lines), origin);

export const keepSavedIds = (reply: FastifyReply, ids: readonly number[], origin: string): void =>
  keep(reply, SAVED, writtenSavedIds(ids), origin);

/** No script of a page needs to know the orders. */
export const keepOrderTokens = (reply: FastifyReply, tokens: readonly string[], origin: string): void =>
  keep(reply, ORDERS, writtenOrderTokens(tokens), origin, true);
