import type { StoreLabels } from '../label/storeLabel.ts';
import type { StoreGroup } from '../group/storeGroup.ts';
import type { StoreSwatch } from '../swatch/storeSwatch.ts';
import type { NamedSize } from '../picture/namedSizes.ts';
import type { PictureFacts } from './facts.ts';
import type { Wording } from '../texts/ownTexts.ts';
import type { Currency } from './money.ts';
import type { Selling } from './selling.ts';

/** What of the whole store reaches what its cards say. */
export interface CardStore {
  currency: Currency;
  wording: Wording;
  selling: Selling;
  /** IANA. */
  timeZone: string;
  labels: StoreLabels;
  /** What is set for categories and collections. */
  groups: readonly StoreGroup[];
  /** Stored pictures that labels show, and icons. */
  pictures: readonly PictureFacts[];
  pictureSizes: readonly NamedSize[];
  /** How values of options are shown where that is not by what they have. */
  swatches: readonly StoreSwatch[];
  /** UTC ms from which on a product counts as new. */
  newSince: number;
  /** Products that the shopper keeps for later; none on pages that are for everybody. */
  saved: readonly number[];
  /** Cards let a shopper keep products for later. */
  saves: boolean;
}
