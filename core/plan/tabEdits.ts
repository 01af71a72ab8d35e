import type { TabItem } from '../bays/tabItem.ts';
import type { Command } from './commands.ts';
import { giverOf, laidOutLike } from './like.ts';
import type { StoredShelf } from './shelf.ts';
import type { StoredPlan } from './storedPlan.ts';

/** A row of tabs with what has to be there before it is. */
export interface MadeTab {
  tab: TabItem;
  commands: readonly Command[];
}

const withShelf = (tab: TabItem, shelf: StoredShelf): MadeTab => ({
  tab,
  commands: [{ do: 'settleShelves', add: [shelf], drop: [] }],
});

/** The shelf that the tabs of a bay are laid out like: that of the first which is there. */
function giverAmong({ shelves }: StoredPlan, tabs: readonly TabItem[]): string | null {
  const first = tabs.find(({ shelfId }) => Object.hasOwn(shelves, shelfId));
  return first ? giverOf(shelves, first.shelfId) : null;
}

/**
 * A further tab, laid out like the others.
 * @param id of it, and of its shelf: both new
 */
export function newTab(
  plan: StoredPlan,
  tabs: readonly TabItem[],
  id: { tab: string; shelf: string },
): MadeTab {
  const like = giverAmong(plan, tabs);
  const name = 'New tab';
  return withShelf(
    { id: id.tab, name, shelfId: id.shelf },
    { id: id.shelf, name, ...(like !== null && { like }) },
  );
}

/** A copy of a tab, for its assortment to be changed: laid out like it, or on its own as it is. */
export function copyOfTab(plan: StoredPlan, tab: TabItem, id: { tab: string; shelf: string }): MadeTab {
  const shelf = plan.shelves[tab.shelfId];
  const made = { ...tab, id: id.tab, shelfId: id.shelf };
  if (!shelf) return withShelf(made, { id: id.shelf, name: tab.name ?? 'New tab' });
  const gives = Object.values(plan.shelves).some(({ like }) => like === shelf.id);
  const copy = gives ? laidOutLike(shelf, shelf.id) : shelf;
  return withShelf(made, { ...copy, id: id.shelf });
}

/** What is done once a tab is gone: its shelf goes if it is shown nowhere else. */
export const tabGone = ({ shelfId }: TabItem): Command => ({ do: 'settleShelves', add: [], drop: [shelfId] });
