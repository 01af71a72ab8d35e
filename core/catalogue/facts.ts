import type { BlockNode } from '../bays/richText.ts';
import type { EntryBlock } from '../journal/entryText.ts';
import type { ProductKind } from './productKinds.ts';

/** What a view needs to know of a stored picture. */
export interface PictureFacts {
  /** Stays the same while its file is replaced, hex. */
  id: string;
  /** SHA-256 of the stored file, hex. */
  file: string;
  /** px of the stored file. */
  width: number;
  height: number;
  alt: string;
  /** What must stay in sight, 0..1 of width and height. */
  focal: { x: number; y: number };
  /** #rrggbb. */
  dominant: string;
  /** Has see-through parts, so that the ground shows. */
  seeThrough: boolean;
  /** ThumbHash, base64. */
  placeholder: string;
}

/** Money in minor units of the store's currency. */
export interface PriceFacts {
  regular: number;
  /** Only when 0 < reduced < regular. */
  reduced: number | null;
  /** Other variants cost more. */
  from: boolean;
}

/** `last` means few are left; `count` is null where stock is not counted. */
export interface StockFacts {
  state: 'in' | 'last' | 'out';
  count: number | null;
}

/** What of a product is read only where a card says it. */
export const PRODUCT_FACTS = [
  'brand',
  'shortText',
  'rating',
  'category',
  'code',
  'buy',
  'sold',
  'tags',
  'kind',
  'featured',
  'onSaleFrom',
  'fields',
  'options',
  'categories',
  /** More of its pictures than two. */
  'pictures',
] as const;
export type ProductFact = (typeof PRODUCT_FACTS)[number];

/** A tag of a product: what rules and labels know it by, and what it is called. */
export interface TagFacts {
  id: string;
  name: string;
}

/** What a product has of one of the store's own fields. */
export interface FieldValueFacts {
  id: string;
  name: string;
  value: string | number | boolean;
  unit: string;
}

/** One product as a card shows it: price and stock are those of its shown variant (calculations §12). */
export interface ProductFacts {
  id: number;
  slug: string;
  title: string;
  shortText: string;
  brand: string | null;
  /** Name of its main category; null for one in none. */
  category: string | null;
  /** Ids of its categories and of those above them, the nearest first; empty where they are not read. */
  categories: readonly number[];
  /** Its code in the store; empty where it has none. */
  code: string;
  price: PriceFacts;
  /** Mean of 0..5; null for a product without reviews. */
  rating: { mean: number; count: number } | null;
  stock: StockFacts;
  pictures: PictureFacts[];
  /** What is put into a basket, and whether one of several has to be chosen first; null where that is not read. */
  buy: { variantId: number; choose: boolean } | null;
  /** Units sold so far; 0 where that is not read. */
  sold: number;
  /** Empty where they are not read. */
  tags: TagFacts[];
  /** Null where that is not read. */
  kind: ProductKind | null;
  /** No where that is not read. */
  featured: boolean;
  /** First on sale, UTC ms; null where that is not read. */
  onSaleFrom: number | null;
  /** In the store's own order; empty where they are not read. */
  fields: FieldValueFacts[];
  /** In the store's own order; empty where they are not read. */
  options: OptionFacts[];
}

export interface CategoryFacts {
  id: number;
  parentId: number | null;
  slug: string;
  name: string;
  description: string;
  picture: PictureFacts | null;
  /** The bucket for products without a category. */
  catchAll: boolean;
  /** The owner's own order among its siblings. */
  position: number;
  /** Different products in it and in all below it. */
  products: number;
  /** A line of the owner's own; empty where it has none. */
  extraLine: string;
  /** UTC ms. */
  createdAt: number;
}

/** A named group made for selling. */
export interface CollectionFacts {
  id: number;
  slug: string;
  name: string;
  description: string;
  picture: PictureFacts | null;
  /** The owner's own order. */
  position: number;
  products: number;
  /** Filled by a rule; else by hand. */
  byRule: boolean;
}

export interface EntryFacts {
  id: number;
  slug: string;
  title: string;
  summary: string;
  picture: PictureFacts | null;
  /** UTC ms; it is not shown before. */
  publishedAt: number;
  /** Empty where nobody is named. */
  author: string;
  tags: string[];
}

/** A journal entry as its own page shows it. */
export interface EntryDetail extends EntryFacts {
  text: readonly EntryBlock[];
}

/** An option of a product, with the values among which its variants differ; two at least. */
export interface OptionFacts {
  id: number;
  name: string;
  values: OptionValueFacts[];
}

export interface OptionValueFacts {
  id: number;
  name: string;
  /** What tells it apart besides its name, where it has that. */
  colour: string | null;
  picture: PictureFacts | null;
  /** The variant that choosing it leads to, with its photograph where it has one of its own. */
  variantId: number;
  photograph: PictureFacts | null;
  price: PriceFacts;
  available: boolean;
  chosen: boolean;
}

/** A product as its own page shows it, with one variant chosen. */
export interface ProductDetail extends ProductFacts {
  longText: readonly BlockNode[];
  /** From the root down. */
  trail: { name: string; slug: string }[];
  /** All its variants as they can be chosen, in their order. */
  variants: { id: number; choice: string; price: PriceFacts; available: boolean }[];
  /** The variant that its address asks for, where it is one of its own. */
  askedVariant?: number | null;
}
