import type { CollectionFacts } from '../../catalogue/facts.ts';
import { fold } from '../../catalogue/fold.ts';
import { array, boolean, idSchema, object, string } from '../../schema/schema.ts';
import { compareKeys } from '../compare.ts';
import { limitSchema } from '../fallback.ts';

export interface CollectionAssortment {
  of: 'collections';
  /** Named one by one; null for all. */
  ids: number[] | null;
  without: { empty: boolean; pictureless: boolean };
  order: { by: 'own' | 'name' | 'count' | 'asNamed' };
  limit: number | null;
}

export const collectionsSchema = object({
  of: string().oneOf(['collections']).required(),
  ids: array(idSchema).max(200).nullable().defined(),
  without: object({ empty: boolean().required(), pictureless: boolean().required() }).noUnknown(),
  order: object({ by: string().oneOf(['own', 'name', 'count', 'asNamed']).required() }).noUnknown(),
  limit: limitSchema,
}).noUnknown();

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
