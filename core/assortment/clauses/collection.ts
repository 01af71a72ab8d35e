import { array, idSchema, object, string } from '../../schema/schema.ts';
import { LOOKED_AT, type ClauseKind, type ProductRecord, type RuleHolds, type World } from '../kinds.ts';
import { both, chosen, goneOf, named, orOf } from './chosen.ts';

export interface CollectionClause {
  is: 'collection';
  ids: number[];
}

const GONE = 'a removed collection';

/** Membership by hand, or by the collection's own rule, live at once. */
export function inCollection(
  id: number,
  product: ProductRecord,
  world: World,
  ruleHolds: RuleHolds,
): boolean {
  const rule = world.collectionRules.get(id);
  return rule ? ruleHolds(rule, product, world) : product.collectionIds.includes(id);
}

export const collectionClause: ClauseKind<CollectionClause> = {
  id: 'collection',
  name: 'In a collection',
  find: ['collection', 'collections', 'set', 'range'],
  schema: object({
    is: string()
      .oneOf(['collection'] as const)
      .required(),
    ids: array(idSchema).max(200).required(),
  }).noUnknown(),
  atFirst: () => ({ is: 'collection', ids: [] }),
  say: ({ ids }, names) => [
    'in the collection ',
    ...chosen(named(ids, names.collection, GONE), '(not chosen yet)'),
  ],
  // A collection's own rule may look at anything.
  looksAt: LOOKED_AT,
  collections: ({ ids }) => ids,
  gone: ({ ids }, names) => goneOf(ids, names.collection, 'collection'),
  either: (a, b) => ({ ...a, ids: both(a.ids, b.ids) }),
  holds: ({ ids }, product, world, ruleHolds) =>
    ids.some((id) => inCollection(id, product, world, ruleHolds)),
  // A collection's own rule may hold anything that changes by the day.
  changing: 'daily',
  against: ({ ids }, _, __, names) => `it is not in ${orOf(named(ids, names.collection, GONE))}`,
};
