import { publish, readLive as readLiveContract } from '../../core/api/releases.ts';
import { sayPlace } from '../../core/change/change.ts';
import { changesBetween } from '../../core/change/changesBetween.ts';
import { asShoppersSee } from '../../core/plan/places.ts';
import { writtenPlan } from '../../core/plan/reading.ts';
import { completePlan } from '../../core/plan/storedPlan.ts';
import { same } from '../../core/settings/same.ts';
import { RELEASE } from '../../core/view/reads.ts';
import type { Api } from '../api.ts';
import { assortmentsIn, readNames } from '../assortments/names.ts';
import { inTransaction } from '../db/pool.ts';
import { lockDraft, readDraft, readRows, versionOf } from '../drafts/draftRows.ts';
import { Fault } from '../faults.ts';
import type { Parts } from '../parts.ts';
import { renderAll } from './renderAll.ts';
import { insertRelease, readLive } from './releaseRows.ts';

/** Publishing: the draft becomes what shoppers see, all at once. */
export function publishRoutes(api: Api, parts: Parts): void {
  const { db } = parts;

  api.answer(readLiveContract, async () => {
    const live = await readLive(db);
    if (!live) return { live: null };
    const { number, publishedAt, stored } = live;
    return { live: { number, publishedAt, plan: writtenPlan(stored) } };
  });

  api.answer(publish, async ({ body: { draftVersion }, session: { account } }) => {
    const published = await inTransaction(db, async (client) => {
      // Nobody saves or publishes while this reads, so that what is published is what was seen, and once.
      await lockDraft(client);
      const rows = await readDraft(client);
      if (versionOf(rows) !== draftVersion)
        throw new Fault('draft-stale', {
          message: 'The draft was changed in another window. Look at the changes again, then publish.',
        });
      // What cannot be read is left out of the plan, and would be gone for shoppers.
      const { plan: read, unreadable } = readRows(rows);
      const [broken] = unreadable;
      if (broken)
        throw new Fault('document-unreadable', {
          message: `${broken.message} Nothing was published. Reset it in the studio first.`,
          details: { key: broken.key },
        });
      const plan = asShoppersSee(read);
      const complete = completePlan(plan);
      const before = await readLive(client);
      const changes = before
        ? changesBetween(
            asShoppersSee(before.stored),
            plan,
            await readNames(parts.readDb, await parts.storefront.facts(), complete, [
              ...assortmentsIn(before.plan),
              ...assortmentsIn(complete),
            ]),
          )
        : [];
      if (before && same(asShoppersSee(before.stored), plan)) throw new Fault('nothing-to-publish');
      await renderAll(complete, parts);
      const said = changes.map(({ place, text }) => `${sayPlace(place)}: ${text}`);
      const release = await insertRelease(client, {
        plan,
        changes: said,
        accountId: account.id,
        now: parts.clock(),
      });
      return { release, changes: said };
    });
    // Other processes are told by the database; whoever asks this one next must not see what was before.
    parts.live.forget();
    parts.pages.changed([RELEASE]);
    return published;
  });
}
