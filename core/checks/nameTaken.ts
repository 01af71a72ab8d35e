import { bayName } from '../plan/places.ts';
import type { PlanCheck } from './check.ts';

/** Two bays of a page with one name for links, which go to the first of them only. */
export const nameTaken: PlanCheck = {
  id: 'name-taken',
  title: 'Bays with one name for links',
  severity: 'wrong',
  reads: 'plan',
  find: (plan) =>
    Object.values(plan.pages).flatMap((page) => {
      const taken = new Set<string>();
      return page.bays.flatMap((bay) => {
        const { anchor } = bay;
        const isTwice = anchor !== '' && taken.has(anchor);
        taken.add(anchor);
        if (!isTwice) return [];
        const on = { page: page.id, bay: bay.id };
        return [
          {
            at: { on: 'bay', ...on } as const,
            text: `"${bayName(bay, plan)}" has the same name for links, #${anchor}, as a bay above it`,
            fix: {
              words: 'Take the name away here',
              command: { do: 'set', on, setting: 'anchor', value: undefined } as const,
            },
            goTo: 'visibility' as const,
          },
        ];
      });
    }),
};
