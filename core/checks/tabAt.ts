import { tabsOf } from '../plan/places.ts';
import type { Plan } from '../plan/plan.ts';
import { shelvesIn } from '../view/shelvesIn.ts';
import type { BayView, PageView, ShelfView } from '../view/view.ts';

/** What the tab of a shelf is called; null where it is in none. */
export function tabAt(view: PageView, plan: Plan, bay: BayView, { id }: ShelfView): string | null {
  const planned = plan.pages[view.pageId]?.bays.find((one) => one.id === bay.id);
  return (planned && tabsOf(planned, plan).find(({ shelfId }) => shelfId === id)?.called) ?? null;
}

/** The shelves of a bay that are in tabs and known, each with what its tab is called. */
export const tabbedIn = (view: PageView, plan: Plan, bay: BayView): { tab: string; shelf: ShelfView }[] =>
  shelvesIn(bay).flatMap((shelf) => {
    const tab = shelf.coming ? null : tabAt(view, plan, bay, shelf);
    return tab === null ? [] : [{ tab, shelf }];
  });

/** A shelf as a sentence names it: by its tab, or by the heading over it. */
export function shelfCalled(view: PageView, plan: Plan, bay: BayView, shelf: ShelfView): string {
  const tab = tabAt(view, plan, bay, shelf);
  if (tab !== null) return `the tab "${tab}"`;
  return bay.heading.words ? `"${bay.heading.words}"` : 'this shelf';
}
