import { bayName } from '../plan/places.ts';
import type { PlanCheck } from './check.ts';

/** A bay that is to be shown only at widths that the store no longer has, and so never is. */
export const widthsGone: PlanCheck = {
  id: 'widths-gone',
  title: 'A bay that is never shown',
  severity: 'wrong',
  reads: 'plan',
  find: (plan) =>
    Object.values(plan.pages).flatMap((page) =>
      page.bays.flatMap((bay) => {
        if (!bay.bands || plan.house.bands.some(({ id }) => bay.bands!.includes(id))) return [];
        return [
          {
            at: { on: 'bay', page: page.id, bay: bay.id } as const,
            text: `"${bayName(bay, plan)}" is shown only at removed widths`,
            fix: {
              words: 'Show it at every width',
              command: {
                do: 'set',
                on: { page: page.id, bay: bay.id },
                setting: 'bands',
                value: undefined,
              } as const,
            },
            goTo: 'visibility' as const,
          },
        ];
      }),
    ),
};
