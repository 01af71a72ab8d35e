import type { Goods } from './goods.ts';
import { goodsEdits, type GoodsEdit } from './goodsEdit.ts';

/** Products that are changed together. */
export const MOST_TOGETHER = 500;
/** By how much prices may be changed together, percent. */
export const PERCENT = { least: -90, most: 400 };

const withOne = <T>(list: readonly T[], one: T): readonly T[] => (list.includes(one) ? list : [...list, one]);

/** All of them with a tag; those that have it stay as they are. */
export const tagged = (all: readonly Goods[], tag: string): GoodsEdit[] =>
  all.flatMap((goods) =>
    goodsEdits(goods, { of: 'product', part: null, fact: 'tags' }, withOne(goods.tags, tag)),
  );

/** What products are put into, each as many as they like. */
export type PutInto = 'categoryIds' | 'collectionIds';

/** All of them in one, besides those that they are in. */
export const putInto = (all: readonly Goods[], fact: PutInto, id: number): GoodsEdit[] =>
  all.flatMap((goods) => goodsEdits(goods, { of: 'product', part: null, fact }, withOne(goods[fact], id)));

/** All of them out of one; those that are not in it stay as they are. */
export const takenOut = (all: readonly Goods[], fact: PutInto, id: number): GoodsEdit[] =>
  all.flatMap((goods) =>
    goodsEdits(
      goods,
      { of: 'product', part: null, fact },
      goods[fact].filter((one) => one !== id),
    ),
  );

/** All of their variants with this stock; null for not counted. */
export const stocked = (all: readonly Goods[], stock: number | null): GoodsEdit[] =>
  all.flatMap((goods) =>
    goods.variants.flatMap(({ id }) => goodsEdits(goods, { of: 'variant', part: id, fact: 'stock' }, stock)),
  );

/**
 * The prices of all of their variants changed by a percentage, to whole minor units, halves upwards; reduced prices with
 * them. A reduction that would be none any more is taken off.
 */
export const repriced = (all: readonly Goods[], percent: number): GoodsEdit[] =>
  all.flatMap((goods) =>
    goods.variants.flatMap((variant) => {
      const changed = (minor: number) => Math.round((minor * (100 + percent)) / 100);
      const price = changed(variant.price);
      const lower = variant.reduced === null ? null : changed(variant.reduced);
      const reduced = lower === null || lower <= 0 || lower >= price ? null : lower;
      const edit = (fact: string, is: number | null) =>
        goodsEdits(goods, { of: 'variant', part: variant.id, fact }, is);
      return [...edit('price', price), ...edit('reduced', reduced)];
    }),
  );
