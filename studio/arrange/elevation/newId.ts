import type { Plan } from '../../../core/plan/plan.ts';

/** Begins with a digit; long enough that two people who add something at once do not make the same. */
const suffix = () =>
  `${Math.floor(Math.random() * 10)}${Math.random().toString(36).slice(2, 8).padEnd(6, '0')}`;

/** Ids that neither a bay nor a shelf of the plan has, by what each is the copy of: the stem in small letters, with a suffix. */
export function newIds(stems: readonly string[], plan: Plan): Record<string, string> {
  const taken = new Set([
    ...Object.keys(plan.shelves),
    ...Object.values(plan.pages).flatMap((page) => page.bays.map((bay) => bay.id)),
  ]);
  const ids: Record<string, string> = {};
  for (const stem of stems) {
    if (Object.hasOwn(ids, stem)) continue;
    const bare =
      stem
        .toLowerCase()
        .replace(/(-\d[a-z0-9]*)+$/, '')
        .slice(0, 50) || 'bay';
    let id = `${bare}-${suffix()}`;
    while (taken.has(id)) id = `${bare}-${suffix()}`;
    ids[stem] = id;
    taken.add(id);
  }
  return ids;
}

/** An id of the same sort for something new. */
export const newId = (stem: string, plan: Plan): string => newIds([stem], plan)[stem]!;
