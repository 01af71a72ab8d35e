import type { Schema } from '../schema/schema.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { Names } from '../sentence/sentence.ts';

/** What the rules read of a product; the plain form of what the database keeps. */
export interface ProductRecord {
  id: number;
  /** `fold(title)`. */
  titleKey: string;
  categoryIds: readonly number[];
  featured: boolean;
  /** First on sale, UTC ms. */
  onSaleFrom: number;
  /** Of the shown variant, minor units. */
  price: number;
  reduced: number | null;
  inStock: boolean;
  /** The owner's own order; products without one come last. */
  position: number | null;
  /** Units sold by store day. */
  soldByDay: ReadonlyMap<number, number>;
}

/** Everything outside the product that an answer depends on. */
export interface World {
  /** Calendar day of the store. */
  today: number;
  tree: CategoryTree;
  /** Category of the page around; null elsewhere. */
  around: number | null;
}

/** One kind of clause; the database has its counterpart under the same id. */
export interface ClauseKind<C extends { is: string }> {
  id: C['is'];
  name: string;
  /** Words that find it. */
  find: readonly string[];
  schema: Schema<C>;
  atFirst(): C;
  say(clause: C, names: Names): string;
  /** What it names that is gone, in words; such a clause stays readable and holds for nothing by it. */
  gone(clause: C, names: Names): string[];
  holds(clause: C, product: ProductRecord, world: World): boolean;
}

/** One kind of order. Every comparison is ended by id elsewhere, so it may leave ties. */
export interface OrderKind<O extends { by: string }> {
  id: O['by'];
  name: string;
  find: readonly string[];
  schema: Schema<O>;
  atFirst(): O;
  say(order: O): string;
  /** The day matters, so the answer changes at the store's midnight. */
  daily: boolean;
  /** The key to sort by, smallest first; compared part by part. */
  key(order: O, product: ProductRecord, world: World): (number | string)[];
}
