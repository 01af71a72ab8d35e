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
  /** @param item what they show */
  picturesOf(item: string): string;
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
  yes: string;
  no: string;
  sold(units: number): string;
  inStock: string;
  soldOut: string;
  /** @param count null where it is not said */
  fewLeft(count: number | null): string;
  isNew: string;
  featured: string;
  percentOff(percent: number): string;
  /** Reduced by less than one percent. */
  reduced: string;

  /** Buying, and what becomes of it. */
  basket: string;
  addToBasket: string;
  chooseOptions: string;
  /** An option of a list that nothing is chosen of yet. */
  choose: string;
  /** The values of an option, of a product among others. */
  optionOf(option: string, title: string): string;
  valueSoldOut(value: string): string;
  /** So many more values than are shown. */
  moreValues(count: number): string;
  moreValuesOf(count: number, option: string, title: string): string;
  save: string;
  /** It is kept for later. */
  saved: string;
  savedProducts: string;
  nothingSaved: string;
  quantity: string;
  quantityOf(title: string): string;
  change: string;
  changeOf(title: string): string;
  remove: string;
  removeOf(title: string): string;
  each(price: string): string;
  total: string;
  emptyBasket: string;
  browse: string;
  toCheckout: string;
  lineSoldOut: string;
  lineFewer(left: number): string;
  lineRepriced(was: string): string;
  linesGone(count: number): string;
  notBought: string;
  yourName: string;
  yourEmail: string;
  /** Of what need not be filled in. */
  optional(field: string): string;
  note: string;
  noPayment: string;
  placeOrder: string;
  orderPlaced(number: number): string;
  orderFollows: string;
  orderSubject(number: number): string;

  /** Questions to the store. */
  askQuote: string;
  quickView: string;
  allDetails: string;
  askAbout: string;
  yourMessage: string;
  send: string;
  messageSent: string;
  questionAbout(title: string): string;
  quoteFor(title: string): string;
  backTo(title: string): string;

  /** What is wrong with a form that was sent. */
  missing(field: string): string;
  emailWrong: string;
  tooLong(field: string, most: number): string;
  totalChanged: string;

  /** Pages that only say something: what it is, what to think of it, and what the button says. */
  nowhere: PlainTexts;
  away: PlainTexts;
  wrong: PlainTexts;
  notOpen: PlainTexts;
  /** For what is sent; where more is known about why, that stands in the place of its words. */
  refused: PlainTexts;
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
  inBasket(count: number): string;
  addFailed: string;
  quick: { close: string; wait: string };
  /** Said once a product is kept for later, or kept no longer. */
  saving: { kept: string; gone: string; failed: string };
  consent: { name: string; ask: string; yes: string; no: string };
}
