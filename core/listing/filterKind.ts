import type { LookedAt } from '../assortment/kinds.ts';
import type { Schema } from '../schema/schema.ts';
import type { Names } from '../sentence/sentence.ts';
import type { ListingRecord, ListingVariant } from './record.ts';

/** One of what a product can have: an id, a text, a yes or no. */
export type FilterKey = string | number | boolean;

/**
 * How shoppers choose: one value, which replaces another; several, of which one has to be there; or from here to
 * there.
 */
export type Chooses = 'one' | 'several' | 'span';

/** All variants of a product, and not only the one that is shown. */
export const VARIANTS = 'variants';

interface FilterKindOf<F extends { by: string }> {
  id: F['by'];
  name: string;
  /** Words that find it. */
  find: readonly string[];
  schema: Schema<F>;
  /** What it is called where the owner says nothing else, for the owner. */
  named(filter: F, names: Names): string;
  /** It has to hold in one and the same variant with all others of which that is so. */
  ofVariant: boolean;
  /** What it reads of products. */
  looksAt: readonly (LookedAt | typeof VARIANTS)[];
}

export interface ValuesFilterKind<F extends { by: string }> extends FilterKindOf<F> {
  chooses: 'one' | 'several';
  /** What a product, or one of its variants, has; in any order, each once. */
  keys(filter: F, record: ListingRecord, variant: ListingVariant): readonly FilterKey[];
}

export interface SpanFilterKind<F extends { by: string }> extends FilterKindOf<F> {
  chooses: 'span';
  /** The figure of a product, or of one of its variants; null where it has none. */
  figure(filter: F, record: ListingRecord, variant: ListingVariant): number | null;
}

/** One kind of filter of a listing (calculations §20); the database has its counterpart under the same id. */
export type FilterKind<F extends { by: string }> = ValuesFilterKind<F> | SpanFilterKind<F>;
