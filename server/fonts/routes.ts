import { readFile } from 'node:fs/promises';
import type { FastifyInstance } from 'fastify';
import { TYPE_FILES } from '../../storefront/styles/fonts.ts';
import { typeFiles } from './typeFile.ts';

/** The files of the type families that are shipped; they never change under their address. */
export function fontRoutes(app: FastifyInstance): void {
  app.get<{ Params: { file: string } }>(`${TYPE_FILES}/:file`, async ({ params }, reply) => {
    const file = typeFiles.get(`${TYPE_FILES}/${params.file}`);
    if (!file) return reply.callNotFound();
    return reply
      .header('cache-control', 'public, max-age=31536000, immutable')
      .type('font/woff2')
      .send(await readFile(file));
  });
}
