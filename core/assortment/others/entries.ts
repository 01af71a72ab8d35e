import type { EntryFacts } from '../../catalogue/facts.ts';
import { fold } from '../../catalogue/fold.ts';
import { array, string } from '../../schema/schema.ts';
import { compareKeys } from '../compare.ts';
import { listed } from '../../sentence/sentence.ts';
import { inParts, own } from '../../settings/values.ts';
import { setting, type Complete } from '../../settings/setting.ts';
import { limitSetting } from '../fallback.ts';
import { idsOrAll } from './idsOrAll.ts';
import { otherOrder } from './otherOrder.ts';

/** What can be set of an assortment of journal entries. */
export const entrySettings = {
  /** Hand-picked; null for all. */
  ids: idsOrAll('entries'),
  /** With one of these tags; none for any. */
  tags: setting(
    inParts(
      own<string[]>(array(string().max(120).required()).max(50).required(), (tags) =>
        tags.length ? listed(tags, 'or') : 'any tag',
      ),
    ),
    [],
    { name: 'Tags', find: ['tags'] },
  ),
  order: otherOrder(['newest', 'oldest', 'title', 'asNamed'], 'newest'),
  limit: limitSetting,
};

export type EntryAssortment = { of: 'entries' } & Complete<typeof entrySettings>;

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
