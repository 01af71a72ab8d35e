import type { Plan } from '../../../core/plan/plan.ts';

/** An id that neither a bay nor a shelf of the plan has: the stem, with a number after it. */
export function newId(stem: string, plan: Plan): string {
  const taken = new Set([
    ...Object.keys(plan.shelves),
    ...Object.values(plan.pages).flatMap((page) => page.bays.map((bay) => bay.id)),
  ]);
  const bare = stem.replace(/-\d+$/, '').slice(0, 50);
  for (let n = 2; ; n += 1) if (!taken.has(`${bare}-${n}`)) return `${bare}-${n}`;
}
