import type { Plan } from '../../../core/plan/plan.ts';

/** Ids that neither a bay nor a shelf of the plan has, by what each is the copy of: the stem, with a number after it. */
export function newIds(stems: readonly string[], plan: Plan): Record<string, string> {
  const taken = new Set([
    ...Object.keys(plan.shelves),
    ...Object.values(plan.pages).flatMap((page) => page.bays.map((bay) => bay.id)),
  ]);
  const ids: Record<string, string> = {};
  for (const stem of stems) {
    if (Object.hasOwn(ids, stem)) continue;
    const bare = stem.replace(/-\d+$/, '').slice(0, 50) || 'bay';
    let n = 2;
    while (taken.has(`${bare}-${n}`)) n += 1;
    ids[stem] = `${bare}-${n}`;
    taken.add(ids[stem]);
  }
  return ids;
}

/** An id of the same sort for something new. */
export const newId = (stem: string, plan: Plan): string => newIds([stem], plan)[stem]!;
