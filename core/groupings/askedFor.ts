import { documentKeys, documentOf, type DocumentKey } from '../plan/documents.ts';
import type { StoredPlan } from '../plan/storedPlan.ts';
import type { Grouping, GroupingOf } from './grouping.ts';
import { groupingKinds } from './groupingFacts.ts';

type Asked = Pick<Grouping, 'id' | 'slug'>;

const holds = (list: unknown, id: number): boolean => Array.isArray(list) && list.includes(id);

/** Whether something stored asks for one by a clause of a rule, by a link, or one by one in a list of its kind. */
export function asksFor(value: unknown, of: GroupingOf, one: Asked, listed = false): boolean {
  if (value === `${of}:${one.id}`) return true;
  if (typeof value !== 'object' || value === null) return false;
  if (Array.isArray(value)) return value.some((each) => asksFor(each, of, one, listed));
  const own = value as Record<string, unknown>;
  const { many, isAskedFor } = groupingKinds[of];
  if (isAskedFor ? isAskedFor(own, one) : own.is === of && holds(own.ids, one.id)) return true;
  if (
    listed &&
    (own.from === 'named' ? holds(own.ids, one.id) : own.from === 'children' && own.id === one.id)
  )
    return true;
  const isList = listed || own.of === many;
  return Object.values(own).some((each) => asksFor(each, of, one, isList));
}

/** Documents of the draft that ask for one of a kind, and would ask for nothing without it. */
export const askedForIn = (plan: StoredPlan, of: GroupingOf, one: Asked): DocumentKey[] =>
  documentKeys(plan).filter((key) => asksFor(documentOf(plan, key), of, one));
