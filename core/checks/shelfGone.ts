import { bayName, shelvesOf } from '../plan/places.ts';
import type { Found, PlanCheck } from './check.ts';

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
