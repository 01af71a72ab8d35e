import { bayKind } from '../bays/index.ts';
import type { PlanCheck } from './check.ts';
import { bayName } from '../plan/places.ts';

/** A bay that leads to another one that is not on its page any more, or is hidden, so that it is not shown. */
export const leadsNowhere: PlanCheck = {
  id: 'leads-nowhere',
  title: 'Jump buttons that lead nowhere',
  severity: 'wrong',
  reads: 'plan',
  find: (plan) =>
    Object.values(plan.pages).flatMap((page) =>
      page.bays.flatMap((bay) => {
        const to = bayKind(bay.holds).leadsTo?.(bay as never);
        if (bay.hidden || to === undefined) return [];
        const target = page.bays.find(({ id }) => id === to);
        if (target && !target.hidden) return [];
        const why = target
          ? 'jumps to a hidden bay'
          : to
            ? 'jumps to a bay that is gone'
            : 'jumps nowhere yet';
        return [
          {
            at: { on: 'bay', page: page.id, bay: bay.id } as const,
            text: `"${bayName(bay, plan)}" ${why}, so it is not shown`,
            fix: null,
            goTo: 'link' as const,
          },
        ];
      }),
    ),
};
