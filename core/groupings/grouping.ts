import type { Group } from '../assortment/rule.ts';

/** What products are put together by, and what is said of them. */
export const GROUPINGS = ['category', 'collection', 'brand', 'field'] as const;
export type GroupingOf = (typeof GROUPINGS)[number];

/** What a field holds; stays what it is. */
export const FIELD_TYPES = { text: 'Text', number: 'Number', yesNo: 'Yes or no' } as const;
export type FieldType = keyof typeof FIELD_TYPES;

/** A category, a collection, a brand or a field as its owner keeps it; what its kind has no use for is empty. */
export interface Grouping {
  id: number;
  /** Its address; of a field what rules name it by. */
  slug: string;
  name: string;
  description: string;
  extraLine: string;
  pictureId: string | null;
  parentId: number | null;
  /** The owner's own order among those beside it. */
  position: number;
  /** What finds its products; null where they are put in by hand. */
  rule: Group | null;
  /** The bucket for products without a category. */
  catchAll: boolean;
  type: FieldType | null;
  /** What its numbers are of: "ml". */
  unit: string;
  /** Different products put into it, and into all below it; of a field those that have something in it. */
  products: number;
}

/** One of which nothing is said; what its kind has no use for stays so. */
export const emptyGrouping: Omit<Grouping, 'id'> = {
  slug: '',
  name: '',
  description: '',
  extraLine: '',
  pictureId: null,
  parentId: null,
  position: 0,
  rule: null,
  catchAll: false,
  type: null,
  unit: '',
  products: 0,
};
