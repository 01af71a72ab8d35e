import type { StoredBay } from '../bays/index.ts';
import { shelvesOf } from '../plan/places.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import { same } from '../settings/same.ts';

/** A bay with all that it shows: its shelves, and the assortments that those name. */
function wholeOf(plan: StoredPlan, bay: StoredBay): unknown {
  const shelves = shelvesOf(bay).map((id) => plan.shelves[id]);
  const assortments = shelves.map((shelf) => shelf?.assortmentId && plan.assortments[shelf.assortmentId]);
  return [bay, shelves, assortments];
}

/** Ids of the bays of a page that are in one plan only, or are set in another way in the other; in either order. */
export function changedBays(before: StoredPlan, after: StoredPlan, pageId: string): Set<string> {
  const [old, now] = [before, after].map(
    (plan) => new Map(plan.pages[pageId]?.bays.map((bay) => [bay.id, wholeOf(plan, bay)])),
  );
  return new Set([...old!.keys(), ...now!.keys()].filter((id) => !same(old!.get(id), now!.get(id))));
}
