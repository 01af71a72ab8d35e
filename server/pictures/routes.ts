import type { FastifyInstance } from 'fastify';
import { RENDITION_WIDTHS } from '../../core/picture/renditions.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';

const widths = new Set<number>(RENDITION_WIDTHS);

/** Stored pictures at the widths that pages ask for; they never change, so they may be kept for ever. */
export function pictureRoutes(app: FastifyInstance, parts: Parts): void {
  app.get<{ Params: { id: string; file: string } }>('/pictures/:id/:file', async (request, reply) => {
    const { id, file } = request.params;
    const width = /^(\d{2,4})\.webp$/.exec(file)?.[1];
    if (!/^[0-9a-f]{64}$/.test(id) || !width || !widths.has(Number(width))) throw new Fault('not-found');
    const bytes = await parts.renditions.read(id, Number(width));
    if (!bytes) throw new Fault('not-found');
    return (
      reply
        .header('content-type', 'image/webp')
        .header('cache-control', 'public, max-age=31536000, immutable')
        .header('content-security-policy', "default-src 'none'")
        // Whoever shares a page may show its picture.
        .header('cross-origin-resource-policy', 'cross-origin')
        .send(bytes)
    );
  });
}
