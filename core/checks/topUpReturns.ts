import { fallbackCycle } from '../assortment/fallback.ts';
import type { PlanCheck } from './check.ts';

/** A chain of top-ups that returns to where it began; it ends there, but hardly as it was meant. */
export const topUpReturns: PlanCheck = {
  id: 'top-up-returns',
  title: 'Top-ups that return to themselves',
  severity: 'wrong',
  reads: 'plan',
  find: (plan) => {
    const from = (id: string): string | null => {
      const assortment = plan.assortments[id]?.assortment;
      return assortment?.of === 'products' && assortment.fallback?.then === 'topUp'
        ? assortment.fallback.from
        : null;
    };
    const told = new Set<string>();
    return Object.keys(plan.assortments).flatMap((id) => {
      const cycle = fallbackCycle(id, from);
      if (!cycle || told.has(id)) return [];
      cycle.forEach((one) => told.add(one));
      const names = cycle.map((one) => `"${plan.assortments[one]?.name ?? one}"`).join(' to ');
      return [
        {
          at: { on: 'store' } as const,
          text: `The top-ups return to where they began: ${names}`,
          fix: {
            words: `Let ${names.split(' to ')[0]} show what there is`,
            command: {
              do: 'set',
              on: { assortment: id },
              setting: 'assortment.fallback',
              value: undefined,
            } as const,
          },
          goTo: null,
        },
      ];
    });
  },
};
