import type { ShelfView } from '../view/view.ts';
import type { Found, PageCheck } from './check.ts';
import { tabbedIn } from './tabAt.ts';

const idsOf = ({ of, total, cards }: ShelfView): string =>
  JSON.stringify([of, total, cards.map(({ id }) => id).sort((a, b) => a - b)]);

/** Tabs of one bay that show the very same items: a copy whose assortment was never changed, most often. */
export const tabsAlike: PageCheck = {
  id: 'tabs-alike',
  title: 'Tabs that show the same',
  severity: 'weak',
  reads: 'page',
  find: (view, plan) =>
    view.bays.flatMap((bay) => {
      const seen = new Map<string, string>();
      return tabbedIn(view, plan, bay).flatMap(({ tab, shelf }): Found[] => {
        if (shelf.cards.length === 0) return [];
        const same = seen.get(idsOf(shelf));
        if (same === undefined) seen.set(idsOf(shelf), tab);
        return same === undefined
          ? []
          : [
              {
                at: { on: 'shelf', page: view.pageId, bay: bay.id, shelf: shelf.id },
                text: `The tab "${tab}" shows the same as the tab "${same}"`,
                fix: null,
                goTo: 'shows',
              },
            ];
      });
    }),
};
