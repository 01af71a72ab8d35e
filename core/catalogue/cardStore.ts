import type { StoreLabels } from '../label/storeLabel.ts';
import type { StoreSwatch } from '../swatch/storeSwatch.ts';
import type { NamedSize } from '../picture/namedSizes.ts';
import type { PictureFacts } from './facts.ts';
import type { Currency } from './money.ts';
import type { Selling } from './selling.ts';

/** What of the whole store reaches what its cards say. */
export interface CardStore {
  currency: Currency;
  selling: Selling;
  /** IANA. */
  timeZone: string;
  labels: StoreLabels;
  /** Stored pictures that labels show. */
  labelPictures: readonly PictureFacts[];
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
