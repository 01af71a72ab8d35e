import type { StoredBay } from '../bays/index.ts';
import type { StoredPage } from '../plan/page.ts';
import { bayName, shelvesOf } from '../plan/places.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { listed } from '../sentence/sentence.ts';
import { same } from '../settings/same.ts';
import { moved } from '../merge/order.ts';
import { change, type Change } from './change.ts';
import type { Compared } from './settingChanges.ts';

/** What a stored bay is called. */
export function nameOf(bay: StoredBay, page: StoredPage, plan: StoredPlan): string {
  const complete = completePlan(plan);
  const found = complete.pages[page.id]?.bays.find(({ id }) => id === bay.id);
  return found ? bayName(found, complete) : bay.id;
}

export const shelvesAt = (plan: StoredPlan, bay: StoredBay): StoredShelf[] =>
  shelvesOf(bay).flatMap((id) => plan.shelves[id] ?? []);

/** Bays that came, went, or are in another order. A new bay speaks for what is in it. */
export function bayChanges({ before, after }: Compared, old: StoredPage, page: StoredPage): Change[] {
  const changes: Change[] = [];
  const where = page.name ?? 'Page';
  const [oldIds, ids] = [old.bays.map(({ id }) => id), page.bays.map(({ id }) => id)];
  for (const bay of page.bays)
    if (!oldIds.includes(bay.id))
      changes.push(
        change(`added ${page.id} ${bay.id}`, where, `new bay "${nameOf(bay, page, after)}"`, {
          do: 'removeBay',
          page: page.id,
          bay: bay.id,
        }),
      );
  for (const bay of old.bays)
    if (!ids.includes(bay.id))
      changes.push(
        change(`removed ${page.id} ${bay.id}`, where, `"${nameOf(bay, old, before)}" is removed`, {
          do: 'putBack',
          page: page.id,
          bay,
          shelves: shelvesAt(before, bay),
          order: oldIds,
        }),
      );
  const [keptOld, kept] = [oldIds.filter((id) => ids.includes(id)), ids.filter((id) => oldIds.includes(id))];
  if (!same(keptOld, kept)) {
    const others = moved(kept, keptOld);
    const names = page.bays.filter(({ id }) => others.has(id)).map((bay) => `"${nameOf(bay, page, after)}"`);
    changes.push(
      change(`order ${page.id}`, where, `bays in another order: ${listed(names)}`, {
        do: 'orderBays',
        page: page.id,
        order: oldIds,
      }),
    );
  }
  return changes;
}
