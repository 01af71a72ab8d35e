import type { Vocabulary } from '../catalogue/vocabulary.ts';
import type { LookedAt } from '../assortment/kinds.ts';
import type { Names } from '../sentence/sentence.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { ListingRecord, ListingVariant } from './record.ts';

/** One of what a product can have: an id, a text, a yes or no. */
export type FilterKey = string | number | boolean;

/** All variants of a product, and not only the one that is shown. */
export const VARIANTS = 'variants';

interface FilterKindOf<F extends { by: string }> {
  id: F['by'];
  name: string;
  /** Words that find it. */
  find: readonly string[];
  /** Those of the kind that there are: of options and fields one for each. */
  offers(vocabulary: Pick<Vocabulary, 'options' | 'fields'>): readonly F[];
  /** What it is called where the owner says nothing else, for the owner. */
  named(filter: F, names: Names): string;
  /** What it is called where neither the owner nor the catalogue says, for shoppers; empty where the catalogue always does. */
  title(texts: StoreTexts): string;
  /** What it asks for is no longer there. */
  isGone?(filter: F, names: Names): boolean;
  /** It has to hold in one and the same variant with all others of which that is so. */
  ofVariant: boolean;
  /** What it reads of products. */
  looksAt: readonly (LookedAt | typeof VARIANTS)[];
}

export interface ValuesFilterKind<F extends { by: string }> extends FilterKindOf<F> {
  /** Shoppers choose one value, which replaces another, or several, of which one has to be there. */
  chooses: 'one' | 'several';
  /** As a list, as a tree of which the way to what is chosen is open, or as a single box to tick. */
  drawn: 'list' | 'tree' | 'box';
  /** A value in words, where the catalogue has no name for it. */
  says?(key: FilterKey, texts: StoreTexts): string;
  /** What a product, or one of its variants, has; in any order, each once. */
  keys(filter: F, record: ListingRecord, variant: ListingVariant): readonly FilterKey[];
}

export interface SpanFilterKind<F extends { by: string }> extends FilterKindOf<F> {
  /** Shoppers choose from here to there. */
  chooses: 'span';
  /** Figures are money, minor units of the store's currency. */
  isMoney: boolean;
  /** The figure of a product, or of one of its variants; null where it has none. */
  figure(filter: F, record: ListingRecord, variant: ListingVariant): number | null;
}

/** One kind of filter of a listing (calculations §20); the database has its counterpart under the same id. */
export type FilterKind<F extends { by: string }> = ValuesFilterKind<F> | SpanFilterKind<F>;
