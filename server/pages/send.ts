import type { FastifyReply, FastifyRequest } from 'fastify';
import fresh from 'fresh';
import { encodingFor } from './encoding.ts';
import { packPage, type Packed, type SentPage } from './sentPage.ts';

function sendPacked(request: FastifyRequest, reply: FastifyReply, page: SentPage, packed: Packed): void {
  // Headers and all, past what only serves answers that are made on the spot.
  reply.hijack();
  const { etag, headers, body } = packed;
  if (page.status === 200 && request.headers['if-none-match'] && fresh(request.headers, { etag }))
    reply.raw.writeHead(304, { ...page.headers, etag }).end();
  else reply.raw.writeHead(page.status, headers).end(body);
}

/** Sends a page that is ready, in the best packing that is taken, or says that nothing of it has changed. */
export function send(request: FastifyRequest, reply: FastifyReply, page: SentPage): void | Promise<void> {
  const encoding = encodingFor(request.headers);
  const packed = page.packed[encoding];
  if (packed) return sendPacked(request, reply, page, packed);
  return packPage(page, encoding).then((made) => sendPacked(request, reply, page, made));
}
