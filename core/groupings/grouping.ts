import type { Group } from '../assortment/rule.ts';

/** What products are put together by. */
export const GROUPINGS = ['category', 'collection', 'brand'] as const;
export type GroupingOf = (typeof GROUPINGS)[number];

/** A category, a collection or a brand as its owner keeps it; what its kind has no use for is empty. */
export interface Grouping {
  id: number;
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
  /** Different products put into it, and into all below it. */
  products: number;
}
