import type { FastifyInstance } from 'fastify';
import { array, idSchema, mixed, number, object, string } from '../../core/schema/schema.ts';
import { readAssortment } from '../../core/assortment/assortment.ts';
import { storeDay } from '../../core/catalogue/storeTime.ts';
import { requireSession } from '../accounts/routes.ts';
import { planFromRows, readDraft } from '../drafts/draftRows.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { readBody, withFault } from '../readBody.ts';
import { answerItems } from './answer.ts';

const MOST_ITEMS = 2_000;

const itemsSchema = object({
  assortment: mixed().required(),
  without: array(idSchema).max(5_000).required(),
  start: number().integer().min(0).max(10_000_000).required(),
  count: number().integer().min(0).max(MOST_ITEMS).required(),
  /** Slug of the category that the page is about. */
  around: string().max(200).nullable(),
}).noUnknown();

/** What an assortment holds now, for the studio's frames. */
export function assortmentRoutes(app: FastifyInstance, parts: Parts): void {
  app.post('/api/items', async (request) => {
    await requireSession(request, parts);
    const body = readBody(itemsSchema, request.body, 'assortment-faulty');
    const assortment = withFault('assortment-faulty', () => readAssortment(body.assortment));
    const tree = await parts.storefront.tree();
    const around = body.around ? (tree.bySlug(body.around)?.id ?? null) : null;
    if (body.around && around === null)
      throw new Fault('assortment-faulty', { message: `There is no category "${body.around}".` });
    const { house } = planFromRows(await readDraft(parts.readDb));
    return answerItems(
      parts.readDb,
      { assortment, without: body.without, start: body.start, count: body.count },
      { tree, around, today: storeDay(parts.clock(), house.timeZone) },
    );
  });
}
