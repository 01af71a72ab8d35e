import type { StoreTexts } from '../texts/storeTexts.ts';
import type { Band, Bands } from '../bands/bands.ts';
import type { PictureShape } from '../card/pictureShape.ts';
import type { Rows } from '../geometry/rows.ts';
import type { Room } from '../geometry/steps.ts';
import type { Varying } from '../bands/varying.ts';
import type { Piece } from '../sentence/sentence.ts';
import type { Tree } from '../settings/setting.ts';
import type { Shelf } from '../plan/shelf.ts';
import type { TableColumn } from '../table/tableColumn.ts';
import type { ShelfView, StepView } from '../view/view.ts';

/** Where a card stands within its shelf, px from the upper corner at which reading begins. */
export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** What a layout needs to know to put cards in their places at one width. */
export interface LayoutInput {
  step: StepView;
  /** Inner width of the shelf, px. */
  innerPx: number;
  count: number;
  /** What stands above the cards within the layout, px; 0 where absent. */
  topPx?: number;
  /** Height of a card, px, by its place among those shown and its width. */
  heightOf(index: number, widthPx: number): number;
}

/** Range of widths of one band in which the same number stand side by side. */
export interface Range {
  from: number;
  /** px, exclusive. */
  to: number;
  /** How many side by side; not a whole number where an edge of the next is in sight. */
  across: number;
}

/** How a shelf shows its items: one object for each way, which core, storefront and studio all go by. */
export interface LayoutKind {
  id: string;
  name: string;
  find: readonly string[];
  /** As it follows "a" in a sentence. */
  said: string;
  /** What it does, in a sentence for the owner. */
  about: string;
  /** How many there are can be given in rows; else in items only. */
  inRows: boolean;
  /** The items move past a window. */
  moves: boolean;
  /** Its own settings, by the line of the spec that they are on; kept under `layoutOwn` and its id. */
  settings?: { layout?: Tree; columns?: Tree };
  /** Settings, or groups of settings, that it goes by and not every layout does; its own besides. */
  uses: readonly string[];
  /** Ranges of one band, from its edge to its end. */
  ranges(shelf: Shelf, band: Band, room: Room, bands: Bands): Range[];
  /** Items that are in sight at once and make one row, or one window. */
  rows(count: number, across: number): Rows;
  /** Width of a card, px. */
  cardPx(step: StepView, innerPx: number): number;
  /**
   * Width of a card's picture, px, where it is not as wide as the card.
   * @param place of the card among those that are shown, of a layout in which they differ; the widest without it
   */
  picturePx?(step: StepView, innerPx: number, place?: number): number;
  /** Pictures of its cards are of different widths. */
  sizesDiffer?: boolean;
  /** Where the cards that are shown stand, in their order; what moves stands as at the start. */
  boxes(input: LayoutInput): Box[];
  /** Rules for the step, `scope` being the shelf's selector; the base style sheet draws a grid. */
  css(scope: string, step: StepView): string;
  /** Items a move; of what moves. */
  moveBy?(shelf: Shelf, across: number, bands: Bands, bandId: string): number;
  /** Column of each card by its estimated height, px; of what puts cards into columns of their own. */
  columnsOf?(heights: readonly number[], across: number, gapPx: number): readonly number[];
  /** How many stand side by side in words, where that is not the number of columns. */
  sayColumns?(shelf: Shelf, sayAt: SayAt): Piece;
  /** How it stands at a step in words, for the owner; null where there is nothing to say. */
  sayFacts(step: StepView): string | null;
  /** Values with which it would move at a band where it has only `count` items; of what may show less at once. */
  showLess?(count: number): { setting: string; value: unknown };
  /** Text of a card comes in with it, in the way that is set for text over pictures. */
  textComesWithIt?: boolean;
  /** Shoppers may choose it for themselves, under these words. */
  shoppers?(texts: StoreTexts): string;
  /** Its pages are turned. */
  turns?: boolean;
  /** Rules that put single cards in their places; apart, since they stay while measures change. */
  places?(scope: string, step: StepView, shelf: ShelfView): string;
  /** Its items are rows of a table with these columns. */
  table?(shelf: Pick<Shelf, 'layoutOwn'>): readonly TableColumn[];
  /** Rules of what is set of it alike at all its widths; `step` is one of those. */
  look?(scope: string, step: StepView): string;
  /** How the parts of a card stand to each other. */
  card: CardManner;
  /** What gives its cards their height where that is not the shape of their pictures. */
  ground?(shelf: Shelf, bands: Bands, bandId: string): PictureShape;
  /** Space around words that stand on their picture as ground, px. */
  groundPaddingPx?: number;
}

/** How a card puts its picture and its texts, which decides how high it is. */
export type CardManner =
  /** The picture over the texts. */
  | 'stacked'
  /** The picture beside the texts. */
  | 'beside'
  /** The picture as ground under the texts. */
  | 'ground'
  /** As stacked, every picture in its own proportions. */
  | 'own'
  /** No card but a row of a table. */
  | 'row';

/** Says a value that varies, at the widths at which the layout is the shelf's. */
export type SayAt = <T>(varying: Varying<T>, say: (value: T) => string) => string;
