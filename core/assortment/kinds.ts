import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { ProductKind } from '../catalogue/productKinds.ts';
import type { Schema } from '../schema/schema.ts';
import type { Names, Sentence } from '../sentence/sentence.ts';
import type { Group } from './rule.ts';

/** What the rules read of a product; the plain form of what the database keeps. */
export interface ProductRecord {
  id: number;
  /** `fold(title)`. */
  titleKey: string;
  /** Its item code; empty for none. */
  code: string;
  /** Folded words of title, tags and brand. */
  words: readonly string[];
  categoryIds: readonly number[];
  collectionIds: readonly number[];
  tags: readonly string[];
  brandId: number | null;
  /** The name of its brand, folded; null for none. */
  brandKey: string | null;
  kind: ProductKind;
  featured: boolean;
  /** First on sale, UTC ms. */
  onSaleFrom: number;
  /** Of the shown variant, minor units. */
  price: number;
  /** Only when 0 < reduced < price. */
  reduced: number | null;
  inStock: boolean;
  /** Null where it is not counted. */
  stock: number | null;
  ratingSum: number;
  ratingCount: number;
  /** The store's own fields, by id; absent where there is no value. */
  fields: Readonly<Record<string, FieldValue>>;
  /** Values that any of its variants has. */
  optionValueIds: readonly number[];
  /** The owner's own order; products without one come last. */
  position: number | null;
  /** Units sold, and views, by store day. */
  soldByDay: ReadonlyMap<number, number>;
  viewedByDay: ReadonlyMap<number, number>;
  /** UTC ms of the newest order that holds it. */
  lastSoldAt: number | null;
  /** Orders that hold it. */
  orders: number;
  /** By other product: orders that hold both. */
  boughtWith: ReadonlyMap<number, number>;
}

export type FieldValue = number | string | boolean;

/** The listing that a page is about, which a shelf on it may show as well. */
export type Around =
  | { of: 'category'; id: number }
  | { of: 'collection'; id: number }
  /** What a search found, the best match first. */
  | { of: 'search'; words: string; ids: readonly number[] }
  /** Products that the shopper keeps for later, the most recent first. */
  | { of: 'saved'; ids: readonly number[] }
  | null;

/** Everything outside the product that an answer depends on. */
export interface World {
  /** UTC ms. */
  now: number;
  /** Calendar day of the store. */
  today: number;
  timeZone: string;
  newForDays: number;
  tree: CategoryTree;
  around: Around;
  /** Products this shopper has looked at, the most recent first. */
  lookedAt: readonly number[];
  /** The product that the page is about. */
  product: ProductRecord | null;
  /** Mean of all ratings of the store, millionths, rounded. */
  meanRating: number;
  /** All orders there are. */
  orders: number;
  /** Rules of the collections that have one; the others are filled by hand. */
  collectionRules: ReadonlyMap<number, Group>;
}

/** Whether a rule holds for a product. */
export type RuleHolds = (rule: Group, product: ProductRecord, world: World) => boolean;

/** When an answer may change by itself. */
export type Changing = 'never' | 'daily' | 'hourly';

/** What a rule or an order can look at of a product, besides its id. */
export const LOOKED_AT = [
  'titleKey',
  'code',
  'words',
  'categoryIds',
  'collectionIds',
  'tags',
  'brandId',
  'brandKey',
  'kind',
  'featured',
  'onSaleFrom',
  'price',
  'reduced',
  'inStock',
  'stock',
  'ratingSum',
  'ratingCount',
  'fields',
  'optionValueIds',
  'position',
  'soldByDay',
  'viewedByDay',
  'lastSoldAt',
  'orders',
  'boughtWith',
] as const satisfies readonly (keyof ProductRecord)[];
export type LookedAt = (typeof LOOKED_AT)[number];

/** What an answer depends on besides the catalogue and the time. */
export type Reads = 'around' | 'product' | 'lookedAt';

/** One kind of clause; the database and the studio have their counterparts under the same id. */
export interface ClauseKind<C extends { is: string }> {
  id: C['is'];
  name: string;
  /** Words that find it. */
  find: readonly string[];
  schema: Schema<C>;
  atFirst(): C;
  /** What typed words may mean where more than its name is in them, such as a number; in lower case, best first. */
  typed?(words: string): readonly C[];
  /** It names single products, each of which is meant to be seen. */
  picks?: true;
  /** What it holds for depends on the page that it is asked from, or on who looks. */
  fromWhere?: true;
  /** As part of "products that are …"; the pieces that open are its settings. */
  say(clause: C, names: Names): Sentence;
  /** One clause for what holds for either of two; null where these two have none. */
  either?(a: C, b: C): C | null;
  /** What it names that is gone, in words; such a clause stays readable and holds for nothing by it. */
  gone(clause: C, names: Names): string[];
  /** Ids of the collections whose products it asks for. */
  collections?(clause: C): readonly number[];
  /** `ruleHolds` answers for a whole rule, such as a collection has. */
  holds(clause: C, product: ProductRecord, world: World, ruleHolds: RuleHolds): boolean;
  /** What was found of a product that it does not hold for: "it costs £84". */
  against(clause: C, product: ProductRecord, world: World, names: Names): string;
  /** What it looks at of a product, as it may depend on the listing of the page. */
  looksAt: readonly LookedAt[] | ((around: Around) => readonly LookedAt[]);
  changing?: Changing;
  reads?: Reads;
}

/** One kind of order. Every comparison is ended by id elsewhere, so it may leave ties. */
export interface OrderKind<O extends { by: string }> {
  id: O['by'];
  name: string;
  find: readonly string[];
  schema: Schema<O>;
  atFirst(): O;
  say(order: O): string;
  /** The key to sort by, smallest first; compared part by part. */
  key(order: O, product: ProductRecord, world: World): (number | string)[];
  /** What the key is made from. */
  looksAt: readonly LookedAt[];
  changing?: Changing;
  reads?: Reads;
}
