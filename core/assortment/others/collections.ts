import type { CollectionFacts } from '../../catalogue/facts.ts';
import { fold } from '../../catalogue/fold.ts';
import { boolean, object } from '../../schema/schema.ts';
import { compareKeys } from '../compare.ts';
import { inParts, own } from '../../settings/values.ts';
import { setting, type Complete } from '../../settings/setting.ts';
import { limitSetting } from '../fallback.ts';
import { sayWithout } from '../say.ts';
import { idsOrAll } from './idsOrAll.ts';
import { otherOrder } from './otherOrder.ts';

/** What can be set of an assortment of collections. */
export const collectionSettings = {
  /** Hand-picked; null for all. */
  ids: idsOrAll('collections'),
  without: setting(
    inParts(
      own<{ empty: boolean; pictureless: boolean }>(
        object({ empty: boolean().required(), pictureless: boolean().required() }).noUnknown().required(),
        sayWithout,
      ),
    ),
    { empty: true, pictureless: false },
    { name: 'Left-out collections', find: ['empty', 'without picture'] },
  ),
  order: otherOrder(['own', 'name', 'count', 'asNamed'], 'own'),
  limit: limitSetting,
};

export type CollectionAssortment = { of: 'collections' } & Complete<typeof collectionSettings>;

/** The collections of an assortment, in order. Those that are gone are passed over. */
export function evaluateCollections(
  { ids, without, order, limit }: CollectionAssortment,
  all: readonly CollectionFacts[],
): CollectionFacts[] {
  const chosen = ids === null ? all : ids.flatMap((id) => all.find((one) => one.id === id) ?? []);
  const kept = [...new Set(chosen)].filter(
    (one) => !(without.empty && one.products === 0) && !(without.pictureless && !one.picture),
  );
  const key = (one: CollectionFacts): (number | string)[] => {
    if (order.by === 'name') return [fold(one.name), one.id];
    if (order.by === 'count') return [-one.products, one.id];
    return order.by === 'own' || ids === null ? [one.position, one.id] : [];
  };
  return kept.sort((a, b) => compareKeys(key(a), key(b))).slice(0, limit ?? undefined);
}
