import type { FieldValue } from '../assortment/kinds.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import { fold } from '../catalogue/fold.ts';

/** One way in which a product can be had, as its owner keeps it. */
export interface GoodsVariant {
  id: number;
  /** What it is in each option, in words; empty for the only one. */
  choice: string;
  /** The same as ids of values of options, in the same order. */
  values: readonly number[];
  code: string;
  /** Minor units. */
  price: number;
  /** Only when 0 < reduced < price. */
  reduced: number | null;
  /** Null where it is not counted. */
  stock: number | null;
  /** Id of the stored picture that shows it; null where those of the product do. */
  pictureId: string | null;
}

/** All of a product that its owner keeps, and only that: what is reckoned from it is not here. */
export interface Goods {
  id: number;
  slug: string;
  title: string;
  code: string;
  shortText: string;
  longText: string;
  brandId: number | null;
  featured: boolean;
  /** In whatever order, as tags are. */
  categoryIds: readonly number[];
  /** Of those that are filled by hand; in whatever order. */
  collectionIds: readonly number[];
  tags: readonly string[];
  /** By the id of the field; absent where it has nothing in it. */
  fields: Readonly<Record<string, FieldValue>>;
  variants: readonly GoodsVariant[];
  /** Ids of stored pictures, in their order; the first is its picture wherever there is room for one. */
  pictureIds: readonly string[];
}

/** A product as it stands in the list of all. */
export interface GoodsRow {
  id: number;
  title: string;
  code: string;
  picture: PictureFacts | null;
  /** Of the variant that cards show, minor units. */
  price: number;
  reduced: number | null;
  /** Other variants cost more. */
  from: boolean;
  /** Of all variants together; null where one of them is not counted. */
  stock: number | null;
  inStock: boolean;
  /** Its variant where it can be had in one way only; null where there are several. */
  only: number | null;
  categories: readonly string[];
  tags: readonly string[];
  rating: { mean: number; count: number } | null;
  hasShortText: boolean;
}

/** What rules and the search of the studio find a product by: folded words of its title, brand and tags, each once. */
export const goodsWords = (title: string, brand: string | null, tags: readonly string[]): string[] => [
  ...new Set([title, brand ?? '', ...tags].flatMap((text) => fold(text).split(' ')).filter(Boolean)),
];
