import type { GroupingOf } from '../groupings/grouping.ts';

/** What a product may lack, each a filter of the list of all. */
export const MISSING = {
  picture: 'without a picture',
  category: 'without a category',
  shortText: 'without a short description',
} as const;
export type Missing = keyof typeof MISSING;
export const MISSINGS = Object.keys(MISSING) as Missing[];

/** What the list of all can be narrowed to. */
export const WITHIN = [
  'category',
  'collection',
  'brand',
  'tag',
  'value',
] as const satisfies readonly GroupingOf[];

/** Whether the list can be narrowed to what is in one of a kind. */
export const isWithin = (of: GroupingOf): of is Within['of'] =>
  (WITHIN as readonly GroupingOf[]).includes(of);

/** All that is in one category and below it, in one collection by hand, of one brand, with one tag, or with a variant in one value. */
export interface Within {
  of: (typeof WITHIN)[number];
  id: number;
}

/** One way to sort the list of all products. */
interface GoodsOrder {
  name: string;
  /** It begins with the best or the latest, until it is turned round. */
  down?: boolean;
}

/** What the list of all products is sorted by: what it shows of each. */
const ORDERS = {
  position: { name: 'In the shop’s order' },
  title: { name: 'By title' },
  code: { name: 'By item code' },
  price: { name: 'By price' },
  stock: { name: 'By stock' },
  rating: { name: 'By rating', down: true },
  newest: { name: 'By date added', down: true },
} satisfies Record<string, GoodsOrder>;
export type GoodsSort = keyof typeof ORDERS;
export const GOODS_SORTS: Readonly<Record<GoodsSort, GoodsOrder>> = ORDERS;
export const GOODS_SORT_IDS = Object.keys(ORDERS) as GoodsSort[];

/** Products that are asked for at once. */
export const GOODS_PAGE = 100;
