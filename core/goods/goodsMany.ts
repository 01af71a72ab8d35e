import { same } from '../settings/same.ts';
import type { Goods } from './goods.ts';
import type { GoodsEdit } from './goodsEdit.ts';

/** Products that are changed together. */
export const MOST_TOGETHER = 500;
/** By how much prices may be changed together, percent. */
export const PERCENT = { least: -90, most: 400 };

const ofProduct = (product: number, fact: string, was: unknown, is: unknown): GoodsEdit[] =>
  same(was, is) ? [] : [{ product, of: 'product', part: null, fact, was, is }];

/** All of them with a tag; those that have it stay as they are. */
export const tagged = (all: readonly Goods[], tag: string): GoodsEdit[] =>
  all.flatMap(({ id, tags }) =>
    ofProduct(id, 'tags', tags, tags.includes(tag) ? tags : [...tags, tag].sort(byCodeUnit)),
  );

/** All of them in a category, besides those that they are in. */
export const categorised = (all: readonly Goods[], category: number): GoodsEdit[] =>
  all.flatMap(({ id, categoryIds }) =>
    ofProduct(
      id,
      'categoryIds',
      categoryIds,
      categoryIds.includes(category) ? categoryIds : [...categoryIds, category].sort((a, b) => a - b),
    ),
  );

/**
 * The prices of all of their variants changed by a percentage, to whole minor units, halves upwards; reduced prices with
 * them. A reduction that would be none any more is taken off.
 */
export const repriced = (all: readonly Goods[], percent: number): GoodsEdit[] =>
  all.flatMap(({ id, variants }) =>
    variants.flatMap((variant) => {
      const changed = (minor: number) => Math.round((minor * (100 + percent)) / 100);
      const price = changed(variant.price);
      const lower = variant.reduced === null ? null : changed(variant.reduced);
      const reduced = lower === null || lower <= 0 || lower >= price ? null : lower;
      const edit = (fact: 'price' | 'reduced', is: number | null): GoodsEdit[] =>
        variant[fact] === is
          ? []
          : [{ product: id, of: 'variant', part: variant.id, fact, was: variant[fact], is }];
      return [...edit('price', price), ...edit('reduced', reduced)];
    }),
  );

const byCodeUnit = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
