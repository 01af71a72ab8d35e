import type { TextSize } from '../card/textSize.ts';
import type { ProductFact, ProductFacts, PictureFacts } from '../catalogue/facts.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import type { LabelPlace } from './labelPlaces.ts';
import type { Placeholder } from './placeholders.ts';
import type { StoreLabel } from './storeLabel.ts';

/** How a label is written where nothing is styled. */
export const LABEL_TEXT = {
  fontPx: 13,
  linePx: 13,
  weight: 560,
  box: { acrossPx: 6, endsPx: 8, borderPx: 0 },
} satisfies TextSize;
/** Between labels, px. */
export const LABEL_GAP_PX = 4;

/** A mark on a card, in words. */
export interface LabelView {
  /** Of the store's list. */
  id: string;
  kind: string;
  text: string;
  at: LabelPlace;
  /** How much farther from the edges of the picture it stands than others there, px. */
  fartherPx: number;
  /** It has a look or a place of its own, or is left out of its own. */
  own: boolean;
  /** Stands instead of the words, which say what it shows; null where the words stand. */
  picture: { facts: PictureFacts; widthPx: number; heightPx: number } | null;
}

/** Height of the picture of a label where nothing else is set, px. */
export const LABEL_PICTURE_PX = 48;

/** One kind of label: when it stands, what it says, and how it looks as long as nothing else is set (calculations §13). */
export interface LabelKind {
  id: string;
  name: string;
  find: readonly string[];
  /** A store begins with it. */
  atFirst: boolean;
  /** There can be several of it, each tied to a tag. */
  tied?: boolean;
  /** It stands from a number on that is the owner's. */
  counts?: { name: string; atFirst: number; most: number };
  /** Facts about a product that it goes by, besides what every card reads. */
  needs: readonly ProductFact[];
  /** Whether it may begin or end with the day. */
  byDay?: boolean;
  /** What own words can have in them. */
  placeholders: readonly Placeholder[];
  /** Colours of its ground and its words: of the house, by name, or #rrggbb. */
  colours: readonly [ground: string, words: string];
  /**
   * Whether it stands on a product.
   * @param newSince UTC ms from which on a product counts as new
   */
  stands(product: ProductFacts, own: StoreLabel, newSince: number): boolean;
  /** What it says where the owner has no words for it. */
  text(product: ProductFacts, texts: StoreTexts, own: StoreLabel): string;
}
