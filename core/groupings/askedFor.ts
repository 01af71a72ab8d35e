import { documentKeys, documentOf, type DocumentKey } from '../plan/documents.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import type { GroupingOf } from './grouping.ts';
import { groupingKinds } from './groupingFacts.ts';

const holds = (list: unknown, id: number): boolean => Array.isArray(list) && list.includes(id);

/** Whether something stored asks for one by a clause of a rule, by a link, or one by one in a list of its kind. */
function asksFor(value: unknown, of: GroupingOf, id: number, listed = false): boolean {
  if (value === `${of}:${id}`) return true;
  if (typeof value !== 'object' || value === null) return false;
  if (Array.isArray(value)) return value.some((one) => asksFor(one, of, id, listed));
  const own = value as Record<string, unknown>;
  if (own.is === of && holds(own.ids, id)) return true;
  if (listed && (own.from === 'named' ? holds(own.ids, id) : own.from === 'children' && own.id === id))
    return true;
  const isList = listed || own.of === groupingKinds[of].many;
  return Object.values(own).some((one) => asksFor(one, of, id, isList));
}

/** Documents of the draft that ask for a category, a collection or a brand, and would ask for nothing without it. */
export const askedForIn = (plan: StoredPlan, of: GroupingOf, id: number): DocumentKey[] =>
  documentKeys(plan).filter((key) => asksFor(documentOf(plan, key), of, id));
