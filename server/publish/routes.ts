import type { FastifyInstance } from 'fastify';
import { number, object } from '../../core/schema/schema.ts';
import { changesBetween } from '../../core/change/change.ts';
import { planFaults, type Plan } from '../../core/plan/plan.ts';
import type { Names } from '../../core/sentence/sentence.ts';
import { currencyOf } from '../../core/view/pageView.ts';
import { requireSession } from '../accounts/routes.ts';
import { readTitles } from '../catalogue/productRows.ts';
import { inTransaction, type Queryable } from '../db/pool.ts';
import { planFromRows, readDraft } from '../drafts/draftRows.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { readBody } from '../readBody.ts';
import { insertRelease, readLive } from './releaseRows.ts';

/** Sum of all versions: changes whenever any document of the draft does. */
const publishSchema = object({ draftVersion: number().integer().min(0).required() });

async function namesFor(db: Queryable, plan: Plan, parts: Parts): Promise<Names> {
  const ids = Object.values(plan.shelves).flatMap(({ assortment }) =>
    assortment.of === 'products'
      ? assortment.rule.parts.flatMap((part) => ('is' in part && part.is === 'named' ? part.ids : []))
      : [],
  );
  const titles = new Map((await readTitles(db, ids)).map(({ id, title }) => [id, title]));
  const tree = await parts.storefront.tree();
  return {
    bands: plan.house.bands,
    currency: currencyOf(plan.house),
    category: (id) => tree.byId(id)?.name,
    product: (id) => titles.get(id),
  };
}

/** Publishing: the draft becomes what shoppers see, all at once. */
export function publishRoutes(app: FastifyInstance, parts: Parts): void {
  const { db } = parts;

  app.get('/api/live', async (request) => {
    await requireSession(request, parts);
    const live = await readLive(db);
    if (!live) throw new Fault('not-found');
    return live;
  });

  app.post('/api/releases', async (request) => {
    const { account } = await requireSession(request, parts);
    if (!account.mayPublish) throw new Fault('publish-not-allowed');
    const { draftVersion } = readBody(publishSchema, request.body);
    return inTransaction(db, async (client) => {
      // Nobody saves while this reads, so that what is published is what was seen.
      await client.query('LOCK TABLE draft_document IN SHARE MODE');
      const rows = await readDraft(client);
      if (rows.reduce((sum, row) => sum + row.version, 0) !== draftVersion)
        throw new Fault('draft-stale', {
          message: 'The draft was changed in another window. Look at the changes again, then publish.',
        });
      const plan = planFromRows(rows);
      const fault = planFaults(plan)[0];
      if (fault)
        throw new Fault('document-faulty', {
          message: `${fault.key} ${fault.path}: ${fault.message}`,
          details: fault,
        });
      const before = await readLive(client);
      const changes = before ? changesBetween(before.plan, plan, await namesFor(client, plan, parts)) : [];
      if (before && changes.length === 0) throw new Fault('nothing-to-publish');
      const said = changes.map(({ where, text }) => `${where}: ${text}`);
      const release = await insertRelease(client, {
        plan,
        changes: said,
        accountId: account.id,
        now: parts.clock(),
      });
      return { release, changes: said };
    });
  });
}
