import type { FastifyInstance } from 'fastify';
import { pageKind } from '../../core/pages/index.ts';
import { fold } from '../../core/catalogue/fold.ts';
import { requireSession } from '../accounts/routes.ts';
import type { Parts } from '../parts.ts';
import { listPictures, readPictures } from '../pictures/pictureRows.ts';
import { readEntry } from './groupRows.ts';
import { readVocabulary } from './vocabularyRows.ts';
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
  /** What rules can be made of. */
  app.get('/api/vocabulary', async (request) => {
    await requireSession(request, parts);
    const { collections, entries } = await parts.storefront.facts();
    return { ...(await readVocabulary(readDb)), collections, entries };
  });

  app.get<Query>('/api/products', async (request) => {
    await requireSession(request, parts);
    const { words, named } = request.query;
    if (named !== undefined) return { products: await readTitles(readDb, ids(named)) };
    return { products: await findProducts(readDb, fold(text(words)), MOST_FOUND) };
  });
  /** A product to show a product page with: the one that is named, or an example. */
  app.get<Query>('/api/specimen', async (request) => {
    await requireSession(request, parts);
    const { named } = request.query;
    if (named === undefined) {
      const slug = await parts.storefront.example(pageKind('product'), parts.clock());
      return { product: slug === null ? null : await readProductDetail(readDb, slug, null) };
    }
    const { rows } = await readDb.query<{ slug: string }>('SELECT slug FROM product WHERE id = ANY($1)', [
      ids(named),
    ]);
    return { product: rows[0] ? await readProductDetail(readDb, rows[0].slug, null) : null };
  });
  /** An entry to show an entry's page with. */
  app.get('/api/specimen/entry', async (request) => {
    await requireSession(request, parts);
    const slug = await parts.storefront.example(pageKind('entry'), parts.clock());
    return { entry: slug === null ? null : await readEntry(readDb, slug, parts.clock()) };
  });

  app.get<Query>('/api/pictures', async (request) => {
    await requireSession(request, parts);
    const { words, named } = request.query;
    if (named !== undefined)
      return { pictures: [...(await readPictures(readDb, text(named).split(','))).values()] };
    return { pictures: await listPictures(readDb, text(words), MOST_PICTURES) };
  });
}
