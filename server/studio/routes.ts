import { existsSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import fastifyStatic from '@fastify/static';
import type { FastifyInstance } from 'fastify';

const built = fileURLToPath(new URL('../../dist/studio', import.meta.url));

/** The studio allows styles made in the browser, but scripts only from itself. */
const POLICY =
  "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self' data:; connect-src 'self'; frame-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'self'";

/** An empty document of the storefront's kind; the studio draws a page into it. */
const FRAME =
  '<!doctype html><html><head><meta charset="utf-8"><meta name="viewport" content="width=device-width,initial-scale=1"></head><body></body></html>';

/** The owner's application and its frames. */
export async function studioRoutes(app: FastifyInstance): Promise<void> {
  const guarded = {
    'content-security-policy': POLICY,
    'referrer-policy': 'same-origin',
  };
  app.get('/studio/frame', (_, reply) =>
    reply.headers(guarded).header('cache-control', 'no-cache').type('text/html').send(FRAME),
  );
  if (!existsSync(join(built, 'index.html'))) return;
  const index = await readFile(join(built, 'index.html'), 'utf8');
  await app.register(fastifyStatic, {
    root: join(built, 'assets'),
    prefix: '/studio/assets/',
    immutable: true,
    maxAge: '1y',
    preCompressed: true,
  });
  const sendIndex = (_: unknown, reply: import('fastify').FastifyReply) =>
    reply.headers(guarded).header('cache-control', 'no-cache').type('text/html').send(index);
  app.get('/studio', sendIndex);
  app.get('/studio/*', sendIndex);
}
