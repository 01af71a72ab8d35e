import { bayName, shelvesOf } from '../plan/places.ts';
import type { PlanCheck } from './check.ts';

/** A bay that names a shelf that is not there. */
export const shelfGone: PlanCheck = {
  id: 'shelf-gone',
  title: 'A bay without its shelf',
  severity: 'wrong',
  reads: 'plan',
  find: (plan) =>
    Object.values(plan.pages).flatMap((page) =>
      page.bays.flatMap((bay) => {
        const gone = shelvesOf(bay).some((id) => !Object.hasOwn(plan.shelves, id));
        if (!gone) return [];
        return [
          {
            at: { on: 'bay', page: page.id, bay: bay.id } as const,
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
