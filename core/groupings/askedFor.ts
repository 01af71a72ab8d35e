import { documentKeys, documentOf, type DocumentKey } from '../plan/documents.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import type { Grouping, GroupingOf } from './grouping.ts';
import { groupingKinds } from './groupingFacts.ts';

type Asked = Pick<Grouping, 'id' | 'slug'>;

const holds = (list: unknown, id: number): boolean => Array.isArray(list) && list.includes(id);

/** Whether something stored asks for one by a clause of a rule, by a link, or one by one in a list of its kind. */
function asksFor(value: unknown, of: GroupingOf, { id, slug }: Asked, listed = false): boolean {
  if (value === `${of}:${id}`) return true;
  if (typeof value !== 'object' || value === null) return false;
  if (Array.isArray(value)) return value.some((one) => asksFor(one, of, { id, slug }, listed));
  const own = value as Record<string, unknown>;
  // Rules, filters and cards name a field in the same way.
  if (of === 'field') {
    if (own.field === slug) return true;
  } else if (own.is === of && holds(own.ids, id)) return true;
  if (listed && (own.from === 'named' ? holds(own.ids, id) : own.from === 'children' && own.id === id))
    return true;
  const isList = listed || own.of === groupingKinds[of].many;
  return Object.values(own).some((one) => asksFor(one, of, { id, slug }, isList));
}

/** Documents of the draft that ask for one of a kind, and would ask for nothing without it. */
export const askedForIn = (plan: StoredPlan, of: GroupingOf, one: Asked): DocumentKey[] =>
  documentKeys(plan).filter((key) => asksFor(documentOf(plan, key), of, one));
