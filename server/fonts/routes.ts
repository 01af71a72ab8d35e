import { readFile } from 'node:fs/promises';
import type { FastifyInstance } from 'fastify';
import { TYPE_FILES } from '../../storefront/styles/fonts.ts';
import { typeFiles } from './typeFile.ts';

const read = new Map<string, Promise<Buffer>>();

/** The files of the type families that are shipped; they never change under their address. */
export function fontRoutes(app: FastifyInstance): void {
  app.get<{ Params: { file: string } }>(`${TYPE_FILES}/:file`, async ({ params }, reply) => {
    const address = `${TYPE_FILES}/${params.file}`;
    const file = typeFiles.get(address);
    if (!file) return reply.callNotFound();
    if (!read.has(address)) read.set(address, readFile(file));
    return reply
      .header('cache-control', 'public, max-age=31536000, immutable')
      .type('font/woff2')
      .send(await read.get(address)!);
  });
}
