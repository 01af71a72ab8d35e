import type { FastifyInstance } from 'fastify';
import { fold } from '../../core/catalogue/fold.ts';
import { requireSession } from '../accounts/routes.ts';
import type { Parts } from '../parts.ts';
import { listPictures, readPictures } from '../pictures/pictureRows.ts';
import { findProducts, readProductDetail, readTitles } from './productRows.ts';

const MOST_FOUND = 20;
const MOST_PICTURES = 60;

const text = (value: unknown): string => (typeof value === 'string' ? value.slice(0, 200) : '');

const ids = (value: unknown): number[] =>
  text(value)
    .split(',')
    .map(Number)
    .filter((id) => Number.isInteger(id) && id > 0 && id < 2 ** 31);

type Query = { Querystring: Record<string, unknown> };

/** What the studio asks of the catalogue. */
export function catalogueRoutes(app: FastifyInstance, parts: Parts): void {
  const { readDb } = parts;
  app.get('/api/categories', async (request) => {
    await requireSession(request, parts);
    return { categories: (await parts.storefront.tree()).all };
  });
  app.get<Query>('/api/products', async (request) => {
    await requireSession(request, parts);
    const { words, named } = request.query;
    if (named !== undefined) return { products: await readTitles(readDb, ids(named)) };
    return { products: await findProducts(readDb, fold(text(words)), MOST_FOUND) };
  });
  /** A product to show a product page with: the newest that has a picture. */
  app.get('/api/specimen', async (request) => {
    await requireSession(request, parts);
    const { rows } = await readDb.query<{ slug: string }>(
      `SELECT slug FROM product JOIN product_picture ON product_id = id AND product_picture.position = 0
       ORDER BY (kind = 'variants') DESC, on_sale_from DESC, id LIMIT 1`,
    );
    return { product: rows[0] ? await readProductDetail(readDb, rows[0].slug, null) : null };
  });
  app.get<Query>('/api/pictures', async (request) => {
    await requireSession(request, parts);
    const { words, named } = request.query;
    if (named !== undefined)
      return { pictures: [...(await readPictures(readDb, text(named).split(','))).values()] };
    return { pictures: await listPictures(readDb, text(words), MOST_PICTURES) };
  });
}
