import { bayName, placesOf } from '../plan/places.ts';
import type { StoredBay } from '../bays/index.ts';
import type { StoredPage } from '../plan/page.ts';
import { completePlan } from '../plan/storedPlan.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import type { Target } from '../plan/target.ts';
import type { Place } from './change.ts';

/** What a stored bay is called. */
export function nameOf(bay: StoredBay, page: StoredPage, plan: StoredPlan): string {
  const complete = completePlan(plan);
  const found = complete.pages[page.id]?.bays.find(({ id }) => id === bay.id);
  return found ? bayName(found, complete) : bay.id;
}

export const wholeOf = (group: string): Place => ({ group, also: [], name: null });

/** Where something is: the house style, a page, a bay of it, or a saved assortment. */
export function placeOf(target: Target, plan: StoredPlan): Place {
  if ('house' in target) return wholeOf('House style');
  if ('assortment' in target)
    return { ...wholeOf('Assortments'), name: plan.assortments[target.assortment]?.name ?? 'Assortment' };
  if ('shelf' in target) {
    const [first, ...others] = placesOf(plan, target.shelf);
    if (!first) return { ...wholeOf('Shelves'), name: plan.shelves[target.shelf]?.name ?? 'Shelf' };
    const pages = [...new Set([first, ...others].map(({ page }) => page.name ?? 'Page'))];
    return {
      group: pages[0]!,
      also: pages.slice(1),
      name: nameOf(
        first.page.bays.find(({ id }) => id === first.bayId)!,
        first.page,
        plan,
      ),
    };
  }
  const page = plan.pages[target.page];
  const bay = page?.bays.find(({ id }) => id === target.bay);
  return { ...wholeOf(page?.name ?? 'Page'), name: page && bay ? nameOf(bay, page, plan) : null };
}
