import { bayName } from '../plan/places.ts';
import { timesOf } from '../plan/bayTimes.ts';
import type { Found, PlanCheck } from './check.ts';

/** A bay that is shown until before it begins, so that it never is. */
export const timesAtOdds: PlanCheck = {
  id: 'times-at-odds',
  title: 'Times the wrong way round',
  severity: 'wrong',
  reads: 'plan',
  find: (plan) =>
    Object.values(plan.pages).flatMap((page) =>
      page.bays.flatMap((bay): Found[] => {
        const { from, until } = timesOf(bay, plan.house.timeZone);
        if (bay.hidden || from < until) return [];
        const on = { page: page.id, bay: bay.id };
        return [
          {
            at: { on: 'bay', ...on },
            text: `"${bayName(bay, plan)}" is shown until before it begins, so it never is`,
            fix: {
              words: 'Swap the two times',
              command: {
                do: 'together',
                commands: [
                  { do: 'set', on, setting: 'from', value: bay.until },
                  { do: 'set', on, setting: 'until', value: bay.from },
                ],
              },
            },
            goTo: 'visibility',
          },
        ];
      }),
    ),
};
