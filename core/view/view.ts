import type { OwnTexts } from '../texts/ownTexts.ts';
import type { Assortment } from '../assortment/assortment.ts';
import type { ProductAssortment } from '../assortment/products.ts';
import type { ProductFact } from '../catalogue/facts.ts';
import type { Band } from '../bands/bands.ts';
import type { Varying } from '../bands/varying.ts';
import type { Card } from '../card/card.ts';
import type { ContentView } from '../bays/index.ts';
import type { Slots } from '../card/slots.ts';
import type { Item } from '../card/item.ts';
import type { FilterFacet } from '../listing/filterFacet.ts';
import type { Listing } from '../listing/listing.ts';
import type { PartView } from '../card/parts/index.ts';
import type { Placing } from '../card/placing.ts';
import type { TextBlock } from '../card/textBlock.ts';
import type { SideStands } from '../plan/page.ts';
import type { Room, Step } from '../geometry/steps.ts';
import type { Rows } from '../geometry/rows.ts';
import type { Pager, Span } from '../paging/pages.ts';
import type { BayLook, BayPlace, Heading } from '../plan/bay.ts';
import type { LayoutId } from '../layouts/index.ts';
import type { StoreLabel } from '../label/storeLabel.ts';
import type { Motion } from '../layouts/moving.ts';
import type { PictureShape } from '../card/pictureShape.ts';
import type { HouseColours } from '../plan/house.ts';
import type { BorderSides } from '../style/properties/borderKind.ts';
import type { CardFigures } from '../style/figures.ts';
import type { Style } from '../style/styleTree.ts';
import type { TableStep } from '../table/tableStep.ts';
import type { Align, LastRow, Moving, Paging } from '../plan/shelf.ts';
import type { Parameter } from './address.ts';
import type { TableView } from './tableView.ts';
import type { ToolsView } from './toolsView.ts';

/** A question that a view puts to whoever knows the catalogue: these items of this assortment. */
export interface ItemsRequest {
  shelfId: string;
  assortment: Assortment;
  /** What tops it up, one after the other. */
  fallbacks: ProductAssortment[];
  /** Products that are left out since they stand above. */
  without: number[];
  start: number;
  count: number;
  /** What of products is to be read besides what every card says. */
  needs: readonly ProductFact[];
  /** What shoppers make of it, and what is to be counted of it; null where it has no tools. */
  listing: Listing | null;
}

/** The answer. `items` begin at `start`; there may be more or fewer than asked. */
export interface ItemsAnswer {
  /** How many there are, after the greatest number and topping up. */
  total: number;
  /** How many of them are its own; the others topped it up. */
  own: number;
  start: number;
  items: Item[];
  /** What the filters of a listing would make of it. */
  facets?: readonly FilterFacet[] | undefined;
  /** It stands for an answer that is still to come, of which nothing is known. */
  coming?: boolean;
}

export interface CardView {
  /** Unique on its shelf. */
  id: number;
  of: Item['of'];
  name: string;
  href: string;
  parts: PartView[];
  /** Where they stand; of all cards of a shelf alike. */
  slots: Slots;
}

/** A step with what it shows: the same count across and the same items at every width of it. */
export interface StepView extends Step {
  layout: LayoutId;
  /** Items to a page. */
  size: number;
  /** Items shown, as places in the whole list. */
  shows: Span;
  rows: Rows;
  gap: { column: number; row: number };
  lastRow: { policy: LastRow; align: Align };
  /** Cards of a row are as high as the highest. */
  equal: boolean;
  picture: PictureShape;
  /** Whether cards carry a picture here. */
  hasPicture: boolean;
  placing: Placing;
  /** Room over pictures for labels that reach out of them, px; 0 where none do. */
  labelsOutPx: number;
  /** What texts of cards are set in here, by part, where that is styled. */
  figures: CardFigures;
  /** Space within the frame of a card, px; 0 where it has none. */
  insidePx: number;
  /** What the border of a card takes of each side, px: above and below, and at the ends. */
  border: BorderSides;
  /** How the texts of cards stand together. */
  block: TextBlock;
  /** There is more than is in sight at once, and it can be moved. */
  moves: boolean;
  motion: Motion;
  /** Items a move. */
  moveBy: number;
  arrows: boolean;
  arrowPx: number;
  marks: Moving['marks'][string];
  /** What gives a card its height where the picture is its ground. */
  ground: PictureShape;
  /** What is set of the layout alone, at this width. */
  own: Readonly<Record<string, unknown>>;
  /** The columns of the table; null where it is none. */
  table: TableStep | null;
  /** Column of each card that is shown, where cards stand in columns of their own. */
  columns: readonly number[] | null;
}

/** A pager, and the steps that it is shown at. */
export interface PagerView extends Pager {
  steps: { from: number; to: number; bandId: string }[];
  /** Which of the list the page has: "1 to 24". */
  span: string;
  /** Addresses by first item. */
  href: Record<number, string>;
}

export interface ShelfView {
  id: string;
  /** Layouts that it has at one width or another. */
  layouts: readonly LayoutId[];
  of: Assortment['of'];
  total: number;
  /** How many of them match; the others topped it up. */
  own: number;
  /** What it shows is not known yet. */
  coming: boolean;
  /** Places of the first and the end of `cards` in the whole list. */
  held: Span;
  cards: CardView[];
  steps: StepView[];
  paging: Paging;
  pagers: PagerView[];
  /** What shoppers find things in it with; null for nothing. */
  tools: ToolsView | null;
  card: Card;
  /** Parts that it says at one width or another, on cards or in columns. */
  says: readonly string[];
  /** What is said of all columns and around the table; null where it is a table at no width. */
  table: TableView | null;
  /** What of its elements is styled on the shelf itself. */
  style: Style;
  /** Own rules of the shelf that hold, as they were written; empty where there are none. */
  rules: string;
  moving: Moving;
  /** Its own reading direction; null for the page's. */
  direction: 'ltr' | 'rtl' | null;
  /** `sizes` for pictures of this shelf. */
  pictureSizes: string;
  /** The same of each card that is held, where they differ; null where all are alike. */
  ownSizes: readonly string[] | null;
  room: Room;
}

/** What stands for a bay that is a shopper's own until it is filled, so that room is kept for it. */
export interface StandIn {
  shelf: ShelfView;
  /** With fewer products looked at, nothing comes. */
  fewerThan: number;
}

export interface BayView {
  id: string;
  /** The id of its markup, which links lead to; null for none. */
  anchor: string | null;
  heading: Heading;
  look: BayLook;
  place: BayPlace;
  /** What of its elements is styled in the bay itself. */
  style: Style;
  /** Bands it is drawn at; null for every one. */
  bands: string[] | null;
  /** It stands in the sidebar of its page. */
  aside: boolean;
  content: ContentView;
  /** What it shows differs from shopper to shopper, so it is not part of what is kept for all. */
  personal: boolean;
  /** Null where no room has to be kept. */
  standIn: StandIn | null;
  /** It was told to go away, heading and all, when too little matches. */
  goesAway: boolean;
  /** It has nothing to show, or too little, so neither it nor its heading is drawn. */
  empty: boolean;
  room: Room;
}

/** The header or the footer of the store, as every page has it. */
export interface EdgeView {
  edge: 'head' | 'foot';
  pageId: string;
  /** Of `pageKinds`. */
  kind: string;
  bays: BayView[];
  background: string | null;
  /** It stays at the top while a page is scrolled. */
  sticks: Varying<boolean>;
  /** Space between its bays, and above and below all of them, px. */
  between: Varying<number>;
  ends: Varying<number>;
}

/** The sidebar of a page. */
export interface SideView {
  /** Where it stands, at each band: beside the page only where there is room. */
  stands: Varying<SideStands>;
  /** Its width, and the space beside it, px. */
  widthPx: Varying<number>;
  gap: Varying<number>;
}

export interface Link {
  words: string;
  href: string;
  current: boolean;
}

/** All that a page is: read by the public page, by the studio's frames and by the checks. */
export interface PageView {
  pageId: string;
  /** Of `pageKinds`. */
  kind: string;
  /** Where it stands in public. */
  path: string;
  /** What an address has to say besides the path to get just this page: nothing that it does not know, in one order. */
  parameters: Parameter[];
  title: string;
  /** What it is called by itself. */
  name: string;
  /** What it is about, for search results; empty where nothing is said. */
  description: string;
  /** Search engines are asked to leave it out. */
  unlisted: boolean;
  /** Words of the first heading where no bay carries one; null where one does. */
  firstHeading: string | null;
  lang: string;
  /** What the owner says otherwise than texts ship. */
  texts: OwnTexts;
  direction: 'ltr' | 'rtl';
  storeName: string;
  /** Where the store is; empty where that is not said. */
  place: string;
  /** Things go into a basket. */
  sells: boolean;
  /** Products can be kept for later. */
  saves: boolean;
  /** What it says where its lists have nothing in them; null where that is not so. */
  none: string | null;
  currency: string;
  bands: Band[];
  margin: Varying<number>;
  /** The greatest width of content, px: on the page, and in the header and the footer. */
  contentPx: number;
  edgesPx: number;
  /** The bays stand on one sheet of content width. */
  framed: boolean;
  /** How the first heading is drawn; hidden, it is only read aloud. */
  headed: boolean;
  headingAlign: Align;
  colours: HouseColours;
  /** What is styled for the whole store. */
  style: Style;
  /** Own rules of the store that hold, as they were written; empty where there are none. */
  rules: string;
  /** Labels of the store that have colours of their own. */
  labels: StoreLabel[];
  trail: Link[];
  bays: BayView[];
  /** Null where none of its bays stands in one. */
  side: SideView | null;
  /** What stands above and below them on every page; null where a plan has none. */
  head: EdgeView | null;
  foot: EdgeView | null;
  /** Colour behind its bays; null for that of the store. */
  background: string | null;
  /** UTC ms at which it may read otherwise though nothing changed; null for never. */
  goodUntil: number | null;
  /** What it was made from (reads.ts), so that it is made anew when that changes. */
  reads: string[];
}
