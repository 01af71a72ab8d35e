import type { PictureFacts } from '../catalogue/facts.ts';
import type { FieldFacts } from '../catalogue/vocabulary.ts';
import type { LookedAt } from '../assortment/kinds.ts';
import type { Names } from '../sentence/sentence.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { ListingRecord, ListingVariant } from './record.ts';
import type { ListingWords } from './words.ts';

/** One of what a product can have: an id, a text, a yes or no. */
export type FilterKey = string | number | boolean;

/** All variants of a product, and not only the one that is shown. */
export const VARIANTS = 'variants';

/** Options and fields that there are. */
interface Offering {
  options: readonly { id: number }[];
  fields: readonly Pick<FieldFacts, 'id' | 'type'>[];
}

/** A value that the catalogue has a name for. */
export interface ListedValue {
  key: FilterKey;
  name: string;
  slug?: string;
  colour?: string | null;
  picture?: PictureFacts | null;
}

interface FilterKindOf<F extends { by: string }> {
  id: F['by'];
  /** The name of its parameter in an address; null where that is what the catalogue calls it. */
  parameter: string | null;
  /** Those of the kind that there are: of options and fields one for each. */
  offers(there: Offering): readonly F[];
  /** What it is called where the owner says nothing else, for the owner. */
  named(filter: F, names: Names): string;
  /** What it is called where neither the owner nor the catalogue says, for shoppers; empty where the catalogue always does. */
  title(texts: StoreTexts): string;
  /** What the catalogue calls the thing that it asks for, and the id of that; null where it is gone. */
  called?(filter: F, words: ListingWords): { id: string; name: string; unit: string } | null;
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
  /** What the catalogue has a list of, in its order; what stands in an address is the slug, or made of the name. */
  listed?(filter: F, words: ListingWords): readonly ListedValue[];
  /** A value as it stands in an address, where there is no list; null for what there is not. */
  read?(said: string, filter: F, words: ListingWords): FilterKey | null;
  /** What the catalogue calls a value that there is no list of, where that is not as it is kept. */
  names?(key: FilterKey, words: ListingWords): string | undefined;
  /** Of figures the greatest are listed first. */
  mostFirst?: true;
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

/** One kind of filter of a listing (calculations §20). */
export type FilterKind<F extends { by: string }> = ValuesFilterKind<F> | SpanFilterKind<F>;
