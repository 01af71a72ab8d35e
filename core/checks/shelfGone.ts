import { bayKind, type Bay } from '../bays/index.ts';
import { bayName, shelvesOf, tabsOf } from '../plan/places.ts';
import type { Found, PlanCheck } from './check.ts';

/** The tabs of a bay as they are kept, without one. */
const withoutTab = (bay: Bay, tab: string) =>
  bayKind(bay.holds).tabs!(bay as never).filter(({ id }) => id !== tab);

/** A bay that names a shelf that is not there. */
export const shelfGone: PlanCheck = {
  id: 'shelf-gone',
  title: 'A bay without its shelf',
  severity: 'wrong',
  reads: 'plan',
  find: (plan, _names, unread) =>
    Object.values(plan.pages).flatMap((page) =>
      page.bays.flatMap((bay): Found[] => {
        const missing = shelvesOf(bay).filter((id) => !Object.hasOwn(plan.shelves, id));
        if (missing.length === 0) return [];
        const at = { on: 'bay', page: page.id, bay: bay.id } as const;
        if (missing.some((id) => unread.has(`shelf:${id}`))) {
          const text = `"${bayName(bay, plan)}" shows a shelf that cannot be read; reset it first`;
          return [{ at, text, fix: null, goTo: null }];
        }
        const tabs = tabsOf(bay, plan);
        const left = tabs.filter(({ shelfId }) => Object.hasOwn(plan.shelves, shelfId));
        if (left.length > 0)
          return tabs
            .filter((tab) => !left.includes(tab))
            .map((tab) => ({
              at,
              text: `The tab "${tab.called}" of "${bayName(bay, plan)}" shows a shelf that is no longer there`,
              fix: {
                words: 'Remove the tab',
                command: {
                  do: 'set',
                  on: { page: page.id, bay: bay.id },
                  setting: 'tabs',
                  value: withoutTab(bay, tab.id),
                },
              },
              goTo: 'tabs',
            }));
        return [
          {
            at,
            text: `"${bayName(bay, plan)}" shows a shelf that is no longer there`,
            fix: {
              words: 'Remove the bay',
              command: { do: 'removeBay', page: page.id, bay: bay.id } as const,
            },
            goTo: null,
          },
        ];
      }),
    ),
};
