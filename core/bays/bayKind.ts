import type { TabItem } from './tabItem.ts';
import type { Bands } from '../bands/bands.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { BayBase, Heading, StoredBayBase } from '../plan/bay.ts';
import type { House } from '../plan/house.ts';
import type { Plan } from '../plan/plan.ts';
import type { FormField } from '../shopper/forms.ts';
import type { StoredShelf } from '../plan/shelf.ts';
import type { Merged, Lines } from '../settings/merged.ts';
import type { Complete, Sparse } from '../settings/setting.ts';
import type { Line } from '../spec/line.ts';
import type { PictureFacts } from '../catalogue/facts.ts';
import type { Motion } from '../layouts/moving.ts';
import type { Area } from '../picture/patches.ts';
import type { Levels } from '../style/resolve.ts';
import type { StyleElement } from '../style/element.ts';
import type { BayMaking, ItemsAnswer, ItemsRequest } from '../view/making.ts';
import type { ShelfView, StandIn } from '../view/view.ts';

/** A bay of one kind, complete and as it is stored; `S` are the kind's own settings. */
export type BayOf<K, S> = { holds: K } & BayBase & Complete<Merged<S>>;
export type StoredBayOf<K, S> = { holds: K } & StoredBayBase & Sparse<Merged<S>>;

/** What a kind makes of a bay for its view. */
export interface BayMade<C> {
  content: C;
  /** It has nothing to show, or too little. */
  empty: boolean;
  /** What it shows differs from shopper to shopper. */
  personal?: boolean;
  /** It was told to be hidden, heading and all, when too little matches. */
  goesAway?: boolean;
  standIn?: StandIn | null;
}

/** What texts stand on: the height of its frame in px, and the part of it that they are on. */
export interface UnderTexts {
  /** Null where that is the background of the bay. */
  picture: PictureFacts | null;
  heightPx: number;
  area: Area;
}

/** Where the texts of a bay stand on its pictures. */
export interface TextsOnPicture<C> {
  /** The element that is drawn between the two, and that of the picture. */
  overlay: StyleElement;
  picture: StyleElement;
  /** Width of the region from which on they are, px. */
  fromPx: number;
  /** Each frame that has texts on it. */
  where(content: C, drawn: BayDrawn): readonly UnderTexts[];
  /** Height of what stands between the frames and the foot of the bay, px; absent where there is nothing. */
  belowPx?(content: C, bands: Bands, bandId: string): number;
}

/** A picture in the frame that it fills. */
export interface DrawnPicture {
  picture: PictureFacts;
  widthPx: number;
  /** Null where the frame has the proportions of the picture. */
  heightPx: number | null;
}

/** How a bay is drawn at one width. */
export interface BayDrawn {
  levels: Levels;
  bands: Bands;
  bandId: string;
  regionPx: number;
  /** Width of the bay within it. */
  ownPx: number;
  marginPx: number;
  /** Content of the page is no wider. */
  contentPx: number;
  direction: 'ltr' | 'rtl';
}

/**
 * Everything a bay can hold: all that is asked of one, but its drawing, which the storefront has under the same id.
 * `S` are its settings by line, `C` is what its view holds.
 */
export interface BayKind<S extends Lines, C extends object> {
  id: string;
  name: string;
  settings: S;
  /** Defaults of what every bay has, by setting, where they are others for this kind. */
  defaults: Readonly<Record<string, unknown>>;
  hasHeading: boolean;
  /** Ids of the elements that only it has, and that can be styled in it. */
  elements?: readonly string[];
  /** The lines of its spec, in their order. */
  spec: readonly Line[];
  /** It can be added to a page; else it belongs to one from the start. */
  addable: boolean;
  /** Kinds of page on which it has something to show; absent where that is every kind. */
  on?: readonly string[];
  /** It can stand in the header and the footer of the store. */
  aroundPages?: boolean;
  /** One can have its words and its look from one of another page. */
  alike?: true;
  /** It may head a page above the store's own header. */
  leads?: boolean;
  /** What it is called in sentences. */
  named(bay: BayOf<string, S>, plan: Plan): string;
  /** A new one, filled so that it can be judged at once, with the shelves that come with it. */
  atFirst(id: string): { bay: { id: string; holds: string } & object; shelves: StoredShelf[] };
  /** Ids of the shelves that it holds. */
  shelves(bay: StoredBayOf<string, S>): readonly string[];
  /** The same with other shelves in the place of some. */
  withShelves<B extends StoredBayOf<string, S>>(bay: B, others: ReadonlyMap<string, string>): B;
  /** Its shelves are shown one at a time: the tabs by which they are opened, each with its shelf. */
  tabs?(bay: BayOf<string, S>): readonly TabItem[];
  /** What of it an address can ask for, besides what is shown at first. */
  showable?(bay: BayOf<string, S>): readonly string[];
  /** The form by which shoppers write to the store: its fields by name, and what of it an address asks for once it was sent. */
  form?(bay: BayOf<string, S>): { fields: Readonly<Record<string, FormField>>; thanks: string };
  /** It shows what stands before and after what the page is about. */
  showsNeighbours?(bay: BayOf<string, S>): boolean;
  /** Id of the bay of its page that it leads to, without which it is not shown; empty while none is chosen. */
  leadsTo?(bay: BayOf<string, S>): string;
  /** It is a list of links to the store's own pages: what to set so that it has one more at its end; null where it is full. */
  withLink?(
    bay: BayOf<string, S>,
    link: string,
    world: { tree: CategoryTree; house: House },
  ): { setting: string; value: unknown } | null;
  /** Ids of the stored pictures that it uses itself. */
  pictures(bay: BayOf<string, S>): readonly string[];
  /** Yields a request for each list of items that it shows. */
  view(bay: BayOf<string, S>, making: BayMaking): Generator<ItemsRequest, BayMade<C>, ItemsAnswer>;
  shelfViews(content: C): readonly ShelfView[];
  /** Those of them that are drawn, where that is not all. */
  shelvesDrawn?(content: C): readonly ShelfView[];
  /** Pictures whose colour stands for them until they are there, besides those of shelves. */
  tones(content: C): readonly PictureFacts[];
  /** Its texts stand on some of those. */
  textsOnPicture?: TextsOnPicture<C>;
  /** Pictures that fill a frame in it at a width, besides those of shelves, with the size of the frame, px. */
  drawnPictures?(content: C, bands: Bands, bandId: string, regionPx: number): readonly DrawnPicture[];
  /** It carries the first heading of the page. */
  heads(content: C, heading: Heading): boolean;
  /** Sentences that can speak for the page in search results. */
  says?(content: C): string;
  /** Estimated height without the space around it, px. */
  heightPx(content: C, heading: Heading, bands: Bands, regionPx: number): number;
  /** Estimated width where it is as wide as what it holds, px; absent where it takes all there is. */
  ownPx?(content: C, bands: Bands, bandId: string): number;
  /** The least that it can be, px: its longest word. */
  leastPx?(content: C, bands: Bands, bandId: string): number;
  /** Its height in a room of this width, px, where the one that it stands in is not the page's. */
  heightIn?(content: C, heading: Heading, bands: Bands, bandId: string, widthPx: number): number;
  /** How it shows what it holds by turns; null where that stands still. */
  moving?(content: C): { motion: Motion; plays: boolean } | null;
  /** The script of the page has something to do for it. */
  scripted?(content: C): boolean;
  /** The shopper can close it, and it stays closed from the first paint on. */
  keepsClosed?(content: C): boolean;
  /** Data about what it shows, after schema.org; its addresses begin with the origin. */
  data?(content: C, store: { origin: string; currency: string }): object[];
  /** Rules of style, `scope` being its selector. */
  css(content: C, scope: string, bands: Bands): string;
}
