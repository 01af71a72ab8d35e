import type { StoreTexts } from '../texts/storeTexts.ts';
import type { Of } from '../assortment/of.ts';
import type { Bands } from '../bands/bands.ts';
import type { PictureFacts, ProductFact } from '../catalogue/facts.ts';
import type { CardStore } from '../catalogue/cardStore.ts';
import type { Names } from '../sentence/sentence.ts';
import type { LabelView } from '../label/labelKind.ts';
import type { AnySort } from '../listing/sorts.ts';
import type { Complete, Tree } from '../settings/setting.ts';
import type { NamedSize } from '../picture/namedSizes.ts';
import type { HardCase } from './hardCase.ts';
import type { Item } from './item.ts';
import type { PictureShape } from './pictureShape.ts';
import type { TextSize } from './textSize.ts';

/** What a part may read besides its item and its settings; `selling` is how the item itself is sold. */
export interface PartContext extends Omit<CardStore, 'labels' | 'newSince'> {
  texts: StoreTexts;
  labels: LabelView[];
}

/** A part as a column of a table at first. */
export interface PartColumn<S extends Tree> {
  align?: 'start' | 'center' | 'end';
  /** Weight by which it takes of what the smallest widths leave. */
  share?: number;
  /** Smallest width, px. */
  least?: number;
  /** Ways to sort by it as they stand in addresses (listing/sorts.ts), the first press and the next. */
  sorts?(own: Complete<S>): readonly AnySort[];
}

/**
 * One kind of part: all that is asked of it, but its drawing, which the storefront has under the same id.
 * `S` are its settings, `V` is what it says of an item, ready to be drawn.
 */
export interface PartKind<S extends Tree, V extends object, R> {
  id: string;
  /** Kinds of item that can have it. */
  of: readonly Of[];
  name: string;
  find: readonly string[];
  /** Shown on a new card. */
  atFirst: boolean;
  settings: S;
  /** Facts about a product that it says; nothing else of a product is read for it. */
  needs: readonly ProductFact[];
  /** What it says besides with what is set of it. */
  alsoNeeds?(own: Complete<S>): readonly ProductFact[];
  /** It is the card's picture, which texts are placed around. */
  isPicture?: boolean;
  /** It carries the link of the card. */
  carriesLink?: boolean;
  /** It can be pressed itself, and so lies above the link of the card. */
  takesPresses?: boolean;
  /** It does more where there is script, so that a page on which it says this has a use for one. */
  scripted?(view: V): boolean;
  /** Shoppers decide by it, so that it should be seen before a card is pointed at. */
  decides?: boolean;
  /** It stands back behind title and price. */
  quiet?: boolean;
  /** What it is set in where nothing is styled; null for what is not text. `size`, below, is what it is set in now. */
  text: TextSize | null;
  /** What `view` goes by of the settings; all the others reach style sheets only. */
  reads(own: Complete<S>): R;
  /** Null when the item has nothing to say here; then nothing is drawn and nothing looks broken. */
  view(item: Item, reads: R, context: PartContext): V | null;
  /** The same with as much to say as it may have. */
  fullest(view: V): V;
  /** Lines that it needs at this width, and the most that it may have; of text that should not be cut. */
  lines?(view: V, own: Complete<S>, widthPx: number, size: TextSize): { needed: number; most: number };
  /** The setting, of its own, by which it may have more lines, and the most that can be set. */
  allowsLines?: { setting: string; most: number };
  /** In which ways an item can be hard for it. */
  hard?: readonly HardCase<V>[];
  /** Pictures that take the place of the card's own while it is used. */
  laterPictures?(view: V): PictureFacts[];
  /** Lines that its words need, of a part that is a button. */
  buttonLines?(view: V, widthPx: number, size: TextSize): number;
  /** What it says, in words; of every part that is text. */
  words?(view: V): string;
  /** Width on one line, px; of every part that can share its line with another. */
  widthPx?(view: V, size: TextSize): number;
  /** Estimated height, px, at this width; 0 when it shows nothing. */
  heightPx(view: V, own: Complete<S>, widthPx: number, picture: PictureShape, size: TextSize): number;
  /** The shape of the card's picture at a band; of the picture only. */
  shape?(own: Complete<S>, sizes: readonly NamedSize[], bands: Bands, bandId: string): PictureShape;
  /** Rules of style for a shelf, `scope` being its selector. */
  css?(scope: string, own: Complete<S>): string;
  /** How it is a column of a table, where that is not as most are. */
  column?: PartColumn<S>;
  /** The part without which it does nothing. */
  goesWith?: string;
  /** Which of the store's own fields it says, where it is for one. */
  ofField?(own: Complete<S>): string;
  /** What it is called once it is set, where that is more than its name. */
  named?(own: Complete<S>, names: Names): string | undefined;
  /** The card's sentence for it when shown. */
  say(own: Complete<S>): string;
  /** The setting that its piece of the sentence opens, of its own; else whether it is shown. */
  opens?: string;
}

/** Writes down a kind, so that its settings and what it says keep their types. */
export const partKindOf = <S extends Tree, V extends object, R>(kind: PartKind<S, V, R>): PartKind<S, V, R> =>
  kind;
