import type { EntryFacts } from '../../catalogue/facts.ts';
import { fold } from '../../catalogue/fold.ts';
import { array, idSchema, object, string } from '../../schema/schema.ts';
import { compareKeys } from '../compare.ts';
import { limitSchema } from '../fallback.ts';

export interface EntryAssortment {
  of: 'entries';
  /** Named one by one; null for all. */
  ids: number[] | null;
  /** With one of these tags; none for any. */
  tags: string[];
  order: { by: 'newest' | 'oldest' | 'title' | 'asNamed' };
  limit: number | null;
}

export const entriesSchema = object({
  of: string().oneOf(['entries']).required(),
  ids: array(idSchema).max(200).nullable().defined(),
  tags: array(string().max(120).required()).max(50).required(),
  order: object({ by: string().oneOf(['newest', 'oldest', 'title', 'asNamed']).required() }).noUnknown(),
  limit: limitSchema,
}).noUnknown();

/** The journal entries of an assortment that are out by now, in order. Those that are gone are passed over. */
export function evaluateEntries(
  { ids, tags, order, limit }: EntryAssortment,
  all: readonly EntryFacts[],
  now: number,
): EntryFacts[] {
  const chosen = ids === null ? all : ids.flatMap((id) => all.find((one) => one.id === id) ?? []);
  const kept = [...new Set(chosen)].filter(
    (one) => one.publishedAt <= now && (tags.length === 0 || tags.some((tag) => one.tags.includes(tag))),
  );
  const key = (one: EntryFacts): (number | string)[] => {
    if (order.by === 'title') return [fold(one.title), one.id];
    if (order.by === 'oldest') return [one.publishedAt, one.id];
    return order.by === 'newest' || ids === null ? [-one.publishedAt, one.id] : [];
  };
  return kept.sort((a, b) => compareKeys(key(a), key(b))).slice(0, limit ?? undefined);
}
