import type { Group } from '../assortment/rule.ts';

/** What products are put together by, what is said of them, and what they can be had in. */
export const GROUPINGS = ['category', 'collection', 'brand', 'tag', 'field', 'option', 'value'] as const;
export type GroupingOf = (typeof GROUPINGS)[number];

/** What a field holds; stays what it is. */
export const FIELD_TYPES = { text: 'Text', number: 'Number', yesNo: 'Yes or no' } as const;
export type FieldType = keyof typeof FIELD_TYPES;

/** One of a kind, be it a category or a value of an option, as its owner keeps it; what its kind has no use for is empty. */
export interface Grouping {
  id: number;
  /** Its address; of a field or a tag what rules name it by. */
  slug: string;
  name: string;
  description: string;
  extraLine: string;
  pictureId: string | null;
  /** #rrggbb, what tells a value of an option apart. */
  colour: string | null;
  /** What it stands under, or the option that it is a value of. */
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
  /** Different products put into it, and into all below it; of a field those that have something in it, of an option those that can be had in it. */
  products: number;
}

/** One of which nothing is said; what its kind has no use for stays so. */
export const emptyGrouping: Omit<Grouping, 'id'> = {
  slug: '',
  name: '',
  description: '',
  extraLine: '',
  pictureId: null,
  colour: null,
  parentId: null,
  position: 0,
  rule: null,
  catchAll: false,
  type: null,
  unit: '',
  products: 0,
};
