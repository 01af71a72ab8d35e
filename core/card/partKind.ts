import type {
  CategoryFacts,
  CollectionFacts,
  EntryFacts,
  PictureFacts,
  ProductFacts,
} from '../catalogue/facts.ts';
import type { Currency } from '../catalogue/money.ts';
import type { LabelView } from '../label/label.ts';
import type { Card } from './card.ts';

export type Item =
  | { of: 'products'; product: ProductFacts }
  | { of: 'categories'; category: CategoryFacts }
  | { of: 'collections'; collection: CollectionFacts }
  | { of: 'entries'; entry: EntryFacts }
  | { of: 'pictures'; loose: { id: number; picture: PictureFacts; words: string; link: string } };

/** Every kind of item. */
export const OFS: readonly Item['of'][] = ['products', 'categories', 'collections', 'entries', 'pictures'];

/** What a card's part says, ready to be drawn. */
export type PartView =
  | { part: 'picture'; picture: PictureFacts | null; labels: LabelView[] }
  | { part: 'title'; text: string }
  | { part: 'price'; now: string; before: string | null; from: boolean }
  | { part: 'rating'; mean: number; count: number }
  | { part: 'brand'; text: string }
  | { part: 'words'; text: string }
  | { part: 'count'; text: string };

export interface CardContext {
  card: Card;
  currency: Currency;
  labels: LabelView[];
}

/**
 * How high pictures of cards are at one width: in proportion, a number of px, a share of the screen (with the px
 * it has on the band's nominal screen), or each in its own proportions.
 */
export type PictureShape =
  | { by: 'ratio'; ratio: number }
  | { by: 'height'; px: number }
  | { by: 'screen'; share: number; px: number }
  | { by: 'own' };

/** What the height of a part depends on. */
export interface CardShape {
  picture: PictureShape;
  titleLines: number;
}

/** Line heights and sizes the drawing uses, px; the same figures go into the style sheet. */
export interface TextSize {
  fontPx: number;
  linePx: number;
}

/** One kind of part; storefront draws it and the studio sets it under the same id. */
export interface PartKind {
  id: PartView['part'];
  of: readonly Item['of'][];
  name: string;
  find: readonly string[];
  /** Shown on a new card. */
  atFirst: boolean;
  /** Null when the item has nothing to say here; then nothing is drawn and nothing looks broken. */
  view(item: Item, context: CardContext): PartView | null;
  /** Estimated height of the part, px, at a card of this width; 0 when it shows nothing. */
  heightPx(view: PartView, shape: CardShape, widthPx: number): number;
  /** The card's sentence for it when shown. */
  say(card: Card): string;
}
