import { bayKind, type StoredBay } from '../bays/index.ts';
import { moved } from '../merge/order.ts';
import type { StoredPage } from '../plan/page.ts';
import { shelvesOf } from '../plan/places.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import { assortmentOf } from '../plan/showing.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import type { Target } from '../plan/target.ts';
import { listed, lowered, plain } from '../sentence/sentence.ts';
import { same } from '../settings/same.ts';
import { sayArrangement } from './arrangementChange.ts';
import { change, type Change } from './change.ts';
import { nameOf, placeOf } from './placeOf.ts';
import { ownSettings, type Compared } from './settingChanges.ts';

export const shelvesAt = (plan: StoredPlan, bay: StoredBay): StoredShelf[] =>
  shelvesOf(bay).flatMap((id) => plan.shelves[id] ?? []);

/** A bay that came: what it shows and how, with the settings that differ from how a bay is at first. */
function newBay({ after, names }: Compared, page: StoredPage, bay: StoredBay): Change {
  const plan = completePlan(after);
  const complete = plan.pages[page.id]!.bays.find(({ id }) => id === bay.id)!;
  const shelves = shelvesAt(after, bay);
  const shelf = (shelves[0] && plan.shelves[shelves[0].id]) ?? null;
  const assortment = shelf && assortmentOf(plan, shelf);
  const [shows] = bayKind(bay.holds).spec;
  const said = shows ? plain(shows.say({ bay: complete, shelf, assortment, names, total: null })) : '';
  const how = shelf ? `, as ${sayArrangement(shelf, plan.house.bands)}` : '';
  const at = page.bays.indexOf(bay);
  const above = page.bays[at - 1];
  const targets: Target[] = [
    { page: page.id, bay: bay.id },
    ...shelves.map((one): Target => ({ shelf: one.id })),
  ];
  return change(
    `added ${page.id} ${bay.id}`,
    placeOf({ page: page.id, bay: bay.id }, after),
    `new bay ${above ? `after ${nameOf(above, page, after)}` : 'at the top'}: ${lowered(said)}${how}`,
    { do: 'removeBay', page: page.id, bay: bay.id },
    targets.flatMap((target) => ownSettings(target, after, names)),
  );
}

/** Bays that came, went, or are in another order. A new bay speaks for what is in it. */
export function bayChanges(compared: Compared, old: StoredPage, page: StoredPage): Change[] {
  const { before, after } = compared;
  const changes: Change[] = [];
  const where = placeOf({ page: page.id }, after);
  const [oldIds, ids] = [old.bays.map(({ id }) => id), page.bays.map(({ id }) => id)];
  for (const bay of page.bays) if (!oldIds.includes(bay.id)) changes.push(newBay(compared, page, bay));
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
