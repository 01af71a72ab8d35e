import type { FieldValue } from '../assortment/kinds.ts';

/** One variant of a product, as filters read it. */
export interface ListingVariant {
  /** What it is in each option that it has, as ids. */
  values: readonly (readonly [option: number, value: number])[];
  /** What a shopper pays for it, minor units. */
  paid: number;
  /** There is some of it, or it is not counted. */
  available: boolean;
}

/** What the filters of a listing read of a product. */
export interface ListingRecord {
  id: number;
  /** Its categories and all that are above them. */
  categoryIds: readonly number[];
  brandId: number | null;
  tags: readonly string[];
  /** It costs less than it did, in the variant that is shown. */
  isReduced: boolean;
  ratingSum: number;
  ratingCount: number;
  /** The store's own fields, by id; absent where there is no value. */
  fields: Readonly<Record<string, FieldValue>>;
  variants: readonly ListingVariant[];
}
