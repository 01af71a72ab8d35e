import { placesOf } from '../plan/places.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import type { Target } from '../plan/target.ts';
import { listed } from '../sentence/sentence.ts';
import { nameOf } from './bayChanges.ts';

/** Where something is, in words: "House style", "Home: New arrivals", "Home and Shop: …". */
export function whereOf(target: Target, plan: StoredPlan): string {
  if ('house' in target) return 'House style';
  if ('assortment' in target)
    return `Assortment "${plan.assortments[target.assortment]?.name ?? 'Assortment'}"`;
  if ('shelf' in target) {
    const [first, ...others] = placesOf(plan, target.shelf);
    if (!first) return plan.shelves[target.shelf]?.name ?? 'Shelf';
    const pages = listed([...new Set([first, ...others].map(({ page }) => page.name ?? 'Page'))]);
    return `${pages}: ${nameOf(
      first.page.bays.find(({ id }) => id === first.bayId)!,
      first.page,
      plan,
    )}`;
  }
  const page = plan.pages[target.page];
  const bay = page?.bays.find(({ id }) => id === target.bay);
  return page && bay ? `${page.name ?? 'Page'}: ${nameOf(bay, page, plan)}` : (page?.name ?? 'Page');
}
