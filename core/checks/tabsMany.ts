import { tabsOf } from '../plan/places.ts';
import type { Found, PageCheck } from './check.ts';

/** More than these are hard to take in at once. */
const MOST = 5;

export const tabsMany: PageCheck = {
  id: 'tabs-many',
  title: 'Many tabs',
  severity: 'hint',
  reads: 'page',
  find: (view, plan) =>
    (plan.pages[view.pageId]?.bays ?? []).flatMap((bay): Found[] => {
      const count = tabsOf(bay, plan).length;
      if (bay.hidden || count <= MOST) return [];
      return [
        {
          at: { on: 'bay', page: view.pageId, bay: bay.id },
          text: `${count} tabs; more than ${MOST} are hard to take in`,
          fix: null,
          goTo: 'tabs',
        },
      ];
    }),
};
