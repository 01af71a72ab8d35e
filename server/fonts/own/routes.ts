import type { FastifyInstance } from 'fastify';
import { addTypeface, readTypefaces, removeTypeface } from '../../../core/api/typefaces.ts';
import { TYPE_FILES } from '../../../storefront/styles/fonts.ts';
import type { Api } from '../../api.ts';
import type { Parts } from '../../parts.ts';
import {
  insertFont,
  readFontFace,
  readOwnFamilies,
  readPart,
  removeFamily,
  takeOwnTypefaces,
} from './ownRows.ts';
import { readApart } from './readApart.ts';

/** The owner's own typefaces: put in, and removed where nothing uses them. */
export function typefaceRoutes(api: Api, { db }: Parts): void {
  api.answer(readTypefaces, async () => ({ families: await readOwnFamilies(db) }));
  api.answer(addTypeface, async ({ file }) => {
    const read = await readApart(file);
    const family = await insertFont(db, read);
    // Whoever put it in may use it at once.
    await takeOwnTypefaces(db);
    const { leftOut, mayEmbed, parts } = read;
    return { family, leftOut, mayEmbed, bytes: parts.reduce((sum, { bytes }) => sum + bytes.length, 0) };
  });
  api.answer(removeTypeface, async ({ body: { id } }) => {
    await removeFamily(db, id);
    await takeOwnTypefaces(db);
    return { families: await readOwnFamilies(db) };
  });
}

/** Its files, and their widths for the studio; what is under an address never changes, since that is its content's. */
export function ownFontRoutes(app: FastifyInstance, { readDb }: Parts): void {
  app.get<{ Params: { file: string } }>(`${TYPE_FILES}/own/:file`, async ({ params }, reply) => {
    const [, id, set] = /^([0-9a-f]{64})(?:-([a-z-]+)\.woff2|\.json)$/.exec(params.file) ?? [];
    const found =
      id === undefined ? null : await (set ? readPart(readDb, id, set) : readFontFace(readDb, id));
    if (!found) return reply.callNotFound();
    return reply
      .header('cache-control', 'public, max-age=31536000, immutable')
      .type(set ? 'font/woff2' : 'application/json')
      .send(found);
  });
}
