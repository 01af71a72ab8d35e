/** What a product may lack, each a filter of the list of all. */
export const MISSING = {
  picture: 'without a picture',
  category: 'without a category',
  shortText: 'without a short description',
} as const;
export type Missing = keyof typeof MISSING;
export const MISSINGS = Object.keys(MISSING) as Missing[];

/** What the list of all products is sorted by. */
export const GOODS_SORTS = {
  position: 'In the shop’s order',
  title: 'By title',
  code: 'By item code',
  price: 'By price',
  stock: 'By stock',
  rating: 'By rating',
  newest: 'By date added',
} as const;
export type GoodsSort = keyof typeof GOODS_SORTS;
/** Sorts that begin with the best or the latest, until they are turned round. */
const DOWN_AT_FIRST: ReadonlySet<GoodsSort> = new Set(['rating', 'newest']);
export const isDownAtFirst = (sort: GoodsSort): boolean => DOWN_AT_FIRST.has(sort);

export const GOODS_SORT_IDS = Object.keys(GOODS_SORTS) as GoodsSort[];

/** Products that are asked for at once. */
export const GOODS_PAGE = 100;
