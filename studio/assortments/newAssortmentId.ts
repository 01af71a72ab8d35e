import { fold } from '../../core/catalogue/fold.ts';
import type { Plan } from '../../core/plan/plan.ts';

/** An id that no saved assortment has, made from its name. */
export function newAssortmentId(name: string, plan: Plan): string {
  const stem =
    fold(name)
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .slice(0, 50)
      .replace(/^-+|-+$/g, '') || 'assortment';
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? stem : `${stem}-${n}`;
    if (!Object.hasOwn(plan.assortments, id)) return id;
  }
}
