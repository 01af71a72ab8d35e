import { array, idSchema, lazy, number, object, type Schema } from '../schema/schema.ts';
import { said } from '../schema/said.ts';
import { choice, inParts, own } from '../settings/values.ts';
import { setting, type Complete } from '../settings/setting.ts';
import { fallbackSchema, limitSetting, type Fallback } from './fallback.ts';
import { orderKind, orderKinds, type Order } from './orders/index.ts';
import { MOST_PINS, type Pin } from './pins.ts';
import { ruleSchema, type Group } from './rule.ts';
import { sayByHand, sayFallback, sayGroup } from './say.ts';

/** Put in, left out and placed by hand; it counts for more than the rule (calculations §12). */
export interface ByHand {
  putIn: number[];
  leftOut: number[];
  pins: Pin[];
}

/** Most products that can be put in or left out by hand. */
export const MOST_BY_HAND = 1_000;

const orderSchema = lazy((value: unknown) => {
  const id = typeof value === 'object' && value !== null ? (value as { by?: unknown }).by : undefined;
  return (
    (orderKinds.find((kind) => kind.id === id)?.schema as Schema | undefined) ??
    object().test('known', `There is no order "${said(id)}".`, () => false)
  );
}) as unknown as Schema;

const onceOnly = (ids: readonly unknown[] | undefined) => new Set(ids).size === (ids?.length ?? 0);
const idList = array(idSchema)
  .max(MOST_BY_HAND)
  .test('once', 'A product is named twice.', onceOnly)
  .required();

const byHandSchema = object({
  putIn: idList,
  leftOut: idList,
  pins: array(
    object({ id: idSchema, place: number().integer().min(1).max(100_000).required() })
      .noUnknown()
      .required(),
  )
    .max(MOST_PINS, `At most ${MOST_PINS} products can be pinned.`)
    .test('once', 'A product is pinned twice.', (pins) => onceOnly(pins?.map((pin) => pin?.id)))
    .required(),
})
  .noUnknown()
  .required();

/** What can be set of an assortment of products. */
export const productSettings = {
  rule: setting(
    inParts(own<Group>(ruleSchema, (rule, names) => sayGroup(rule, names) || 'all products')),
    { join: 'all', parts: [] },
    {
      name: 'Which products',
      find: ['rule', 'category', 'reduced', 'featured', 'hand-picked', 'source', 'tag', 'brand', 'price'],
    },
  ),
  order: setting(
    own<Order>(orderSchema, (order) => orderKind(order.by).say(order)),
    { by: 'newest' },
    {
      name: 'Order',
      find: ['order', 'sort', 'newest', 'oldest', 'bestselling', 'price', 'title', 'rating', 'shuffled'],
    },
  ),
  byHand: setting(
    inParts(own<ByHand>(byHandSchema, (byHand) => sayByHand(byHand) || 'nothing by hand')),
    { putIn: [], leftOut: [], pins: [] },
    { name: 'By hand', find: ['pinned', 'pin', 'put in', 'left out', 'exclude', 'include', 'hand'] },
  ),
  /** Sold-out products in their order, after all others, or not at all. */
  soldOut: setting(choice({ out: 'Hide', toTheEnd: 'Show last', asTheyCome: 'Keep in order' }), 'out', {
    name: 'Sold-out products',
    find: ['stock', 'sold out', 'in stock only'],
  }),
  limit: limitSetting,
  fallback: setting(
    own<Fallback | null>(fallbackSchema, (fallback, names) => sayFallback({ fallback }, names)),
    null,
    { name: 'If too few match', find: ['top-up', 'fallback', 'empty', 'too few', 'nothing'] },
  ),
};

export type ProductAssortment = { of: 'products' } & Complete<typeof productSettings>;
