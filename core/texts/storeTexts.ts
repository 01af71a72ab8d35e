/**
 * Everything that a page of the store says to a shopper by itself, in one language. What the owner writes (names,
 * headings, buttons) is not here.
 */
export interface StoreTexts extends ScriptTexts {
  skipToContent: string;
  skipToFooter: string;
  /** The ways through the store at its top, and to where the page is; said aloud. */
  store: string;
  breadcrumb: string;
  shop: string;
  journal: string;

  /** A list goes on. */
  /** What a list without a heading is called. */
  thisList: string;
  showMore: string;
  showPrevious: string;
  pagesOf(list: string): string;
  pageOf(page: number, pages: number): string;
  previous: string;
  next: string;

  /** A row that moves; said aloud but for the count. */
  carousel: string;
  previousOf(list: string): string;
  nextOf(list: string): string;
  positionsOf(list: string): string;
  pause(list: string): string;
  start(list: string): string;

  /** On cards and on the page of a product. */
  seeMore: string;
  noPicture: string;
  from: string;
  products(count: number): string;
  /** @param mean 0 to 5 */
  rating(mean: number, count: number): string;
  /** Beside stars. */
  ratingFigure(mean: number): string;
  ratingCount(count: number): string;
  inStock: string;
  soldOut: string;
  /** @param count null where it is not said */
  fewLeft(count: number | null): string;
  percentOff(percent: number): string;
  /** Reduced by less than one percent. */
  reduced: string;

  /** Pages that only say something: what it is, what to think of it, and what the button says. */
  nowhere: PlainTexts;
  away: PlainTexts;
  wrong: PlainTexts;
  notOpen: PlainTexts;
}

export interface PlainTexts {
  title: string;
  words: string;
  /** Empty where there is none. */
  button: string;
}

/** Those of them that the script of a page says, which is sent without the others. */
export interface ScriptTexts {
  moreShown(count: number): string;
  moreFailed: string;
  /** Said aloud. */
  position(at: number, of: number): string;
  count(at: number, of: number): string;
  consent: { name: string; ask: string; yes: string; no: string };
}
