import { englishInScript } from './englishInScript.ts';
import { textsOf } from './text.ts';

const everywhere = textsOf('everywhere');
const ofLists = textsOf('lists');
const ofListings = textsOf('listings');
const ofTables = textsOf('tables');
const ofMoving = textsOf('moving');
const ofProducts = textsOf('products');
const ofSaved = textsOf('saved');
const ofBasket = textsOf('basket');
const ofCheckout = textsOf('checkout');
const ofQuestions = textsOf('questions');
const ofFaults = textsOf('faults');
const plain = textsOf('plain');

const COLUMN = 'A heading of a table';
const COLUMN_ALOUD = 'A heading of a table, said aloud';
const COLUMN_OF_FIELD = 'A heading of a table, for a field that nothing shown has';
const LIST = ['list', 'New arrivals'] as const;
const TITLE = ['title', 'Tea bowl'] as const;
const FIELD = ['field', 'Your name'] as const;

/** Everything that a page of the store says to a shopper by itself. What the owner writes for one place is not here. */
export const english = {
  ...englishInScript,

  skipToContent: everywhere('Skip to content', 'The first thing that the keyboard comes to'),
  skipToFooter: everywhere('Skip to footer'),
  store: everywhere('Store', 'The links at the top, said aloud'),
  sidebar: everywhere('More on this page', 'Names the sidebar, and is on the button that it is behind'),
  menu: everywhere('Menu', 'The button that a menu is behind, said aloud'),
  moreOf: everywhere('More of {title}', [['title', 'Tableware']], 'The button in a menu, said aloud'),
  breadcrumb: everywhere('Breadcrumb', 'The way to where a page is, said aloud'),
  shop: everywhere('Shop'),
  journal: everywhere('Journal'),
  basket: everywhere('Basket'),
  account: everywhere('Account', 'The link to what this device ordered, saved and viewed'),
  savedProducts: everywhere('Saved', 'The link to what is saved for later'),

  closeNotice: everywhere('Close this notice', 'Said aloud'),
  tabs: ofLists('Tabs', 'What tabs without a heading are called, said aloud'),
  thisList: ofLists('this list', 'What a list without a heading is called'),
  showMore: ofLists('Show more'),
  showPrevious: ofLists('Show previous'),
  pagesOf: ofLists('Pages of {list}', [LIST], 'Page numbers, said aloud'),
  pageOf: ofLists('Page {page} of {pages}', [
    ['page', 2],
    ['pages', 5],
  ]),
  previous: ofLists('Previous'),
  next: ofLists('Next'),
  products: ofLists({ one: '{count} product', other: '{count} products' }, [['count', 12]]),
  seeMore: ofLists('See more', 'A link of a category or a collection'),

  productsFound: ofListings({ one: '{count} product', other: '{count} products' }, [['count', 96]]),
  spanOfList: ofListings(
    '{first} to {last}',
    [
      ['first', 1],
      ['last', 24],
    ],
    'Which of the products a page has, beside how many there are',
  ),
  sortBy: ofListings('Sort by'),
  sort: ofListings('Sort', 'The button beside the ways to sort'),
  recommended: ofListings('Recommended', 'The order of the list itself'),
  sorts: {
    newest: ofListings('Newest'),
    'best-sold': ofListings('Bestselling'),
    price: ofListings('Price, lowest first'),
    'price-down': ofListings('Price, highest first'),
    reduction: ofListings('Largest reduction'),
    rating: ofListings('Best rated'),
    name: ofListings('Name'),
    'name-down': ofListings('Name, Z to A'),
    code: ofListings('Item code'),
    'code-down': ofListings('Item code, Z to A'),
    brand: ofListings('Brand'),
    'brand-down': ofListings('Brand, Z to A'),
    stock: ofListings('Stock, least first'),
    'stock-down': ofListings('Stock, most first'),
  },
  viewAs: ofListings('View as', 'Names the switch between grid and list, said aloud'),
  density: ofListings('How much is seen at once', 'Names the switch between roomy and dense, said aloud'),
  roomy: ofListings('Roomy'),
  dense: ofListings('Dense'),
  viewGrid: ofListings('Grid'),
  viewList: ofListings('List'),
  viewTable: ofListings('Table'),
  filters: ofListings('Filters', 'Names the filters, and is on the button that they are behind'),
  closeFilters: ofListings('Close the filters', 'Said aloud'),
  category: ofListings('Category', 'A filter'),
  allProducts: ofListings('All products', 'No category'),
  price: ofListings('Price', 'A filter'),
  brand: ofListings('Brand', 'A filter'),
  tag: ofListings('Tag', 'A filter'),
  ratingFilter: ofListings('Rating', 'A filter'),
  starsAndMore: ofListings(
    { one: '{count} star and more', other: '{count} stars and more' },
    [['count', 4]],
    'A value of the filter by rating',
  ),
  inStockOnly: ofListings('In stock only', 'A filter'),
  reducedOnly: ofListings('Reduced', 'A filter'),
  addsCount: ofListings('+{count}', [['count', 15]], 'How many more products a value brings'),
  wouldFind: ofListings(
    '{value}, {count}',
    [
      ['value', 'Vases'],
      ['count', 14],
    ],
    'A value of a filter, said aloud',
  ),
  wouldAdd: ofListings(
    '{value}, {count} more',
    [
      ['value', 'Fogbank'],
      ['count', 15],
    ],
    'A value that would be joined to others, said aloud',
  ),
  valueChosen: ofListings('{value}, chosen', [['value', 'Vases']], 'A value of a filter, said aloud'),
  fromTo: ofListings('{least} to {most}', [
    ['least', '£9.50'],
    ['most', '£86'],
  ]),
  atLeast: ofListings('From {least}', [['least', '£20']]),
  upTo: ofListings('Up to {most}', [['most', '£60']]),
  leastOf: ofListings('{filter}, from', [['filter', 'Price']], 'A field, said aloud'),
  mostOf: ofListings('{filter}, to', [['filter', 'Price']], 'A field, said aloud'),
  to: ofListings('to', 'Between the two fields of a price'),
  apply: ofListings('Apply'),
  applyOf: ofListings(
    'Apply {filter}',
    [['filter', 'Price']],
    'The button beside the two fields, said aloud',
  ),
  takeOff: ofListings('Remove {value}', [['value', 'Vases']], 'Said aloud'),
  removeAll: ofListings('Remove all'),
  chosen: ofListings('Chosen', 'Names the list of what is chosen, said aloud'),
  moreOfFilter: ofListings('{count} more', [['count', 4]], 'Values of a filter that are not shown at first'),
  searchList: ofListings('Search this list'),
  searchNow: ofListings('Search', 'The button beside the field'),
  nothingMatches: ofListings('Nothing in this list matches all that is chosen.'),
  columns: {
    picture: ofTables('Picture', COLUMN_ALOUD),
    title: ofTables('Title', COLUMN),
    brand: ofTables('Brand', COLUMN),
    category: ofTables('Category', COLUMN),
    kind: ofTables('Kind', COLUMN),
    description: ofTables('Description', COLUMN),
    price: ofTables('Price', COLUMN),
    rating: ofTables('Rating', COLUMN),
    swatches: ofTables('Options', COLUMN_ALOUD),
    stock: ofTables('Stock', COLUMN),
    code: ofTables('Item code', COLUMN),
    count: ofTables('Products', COLUMN),
    sold: ofTables('Sold', COLUMN),
    field: ofTables('Detail', COLUMN_OF_FIELD),
    field2: ofTables('Detail 2', COLUMN_OF_FIELD),
    field3: ofTables('Detail 3', COLUMN_OF_FIELD),
    field4: ofTables('Detail 4', COLUMN_OF_FIELD),
    author: ofTables('Author', COLUMN),
    date: ofTables('Date', COLUMN),
    extraLine: ofTables('Note', COLUMN),
    icon: ofTables('Icon', COLUMN_ALOUD),
    quantity: ofTables('Quantity', COLUMN_ALOUD),
    basket: ofTables('Buy', COLUMN_ALOUD),
    quick: ofTables('Quick view', COLUMN_ALOUD),
    save: ofTables('Save', COLUMN_ALOUD),
    ask: ofTables('Ask', COLUMN_ALOUD),
    details: ofTables('Details', COLUMN_ALOUD),
  },
  sortByColumn: ofTables('Sort by {title}', [['title', 'Price']], 'The heading of a column, said aloud'),
  addAllRows: ofTables('Add all to basket', 'The button above or below a table'),
  toBasket: ofTables('Go to basket', 'A link above or below a table'),
  notFilledIn: ofTables('No quantity is filled in. Enter how many of a row you want, then add them.'),

  searchPage: ofListings('Search', 'The page of searches, before anything is looked for'),
  searchedFor: ofListings('Search: {words}', [['words', 'blue jug']]),
  searchStore: ofListings('Search the shop', 'In the field of the header and of the search page'),
  foundInstead: ofListings(
    {
      one: 'Nothing matches “{words}”. Shown instead: “{instead}”, {count} product.',
      other: 'Nothing matches “{words}”. Shown instead: “{instead}”, {count} products.',
    },
    [
      ['words', 'tabelware'],
      ['instead', 'tableware'],
      ['count', 122],
    ],
  ),
  foundSome: ofListings('Nothing has all of “{words}”. Shown is what has some of it.', [
    ['words', 'jug teapot'],
  ]),
  foundNothing: ofListings('Nothing matches “{words}”. Shown is what sells best.', [['words', 'xylophone']]),
  suggestions: ofListings('Suggestions', 'Names the list under the search field, said aloud'),
  suggested: ofListings(
    { one: '{count} suggestion', other: '{count} suggestions' },
    [['count', 6]],
    'Said aloud while a search is typed',
  ),
  allFound: ofListings({ one: 'Show {count} product', other: 'Show all {count} products' }, [['count', 34]]),

  carousel: ofMoving('carousel', 'What a row that moves is, said aloud'),
  picturesOf: ofMoving('Pictures of {title}', [TITLE]),
  previousOf: ofMoving('Previous of {list}', [LIST], 'An arrow, said aloud'),
  nextOf: ofMoving('Next of {list}', [LIST], 'An arrow, said aloud'),
  positionsOf: ofMoving('Positions of {list}', [LIST], 'Position dots, said aloud'),
  pause: ofMoving('Pause {list}', [LIST]),
  start: ofMoving('Play {list}', [LIST]),

  noPicture: ofProducts('No picture yet'),
  placeIn: ofProducts(
    '{place} of {count} in {category}',
    [
      ['place', 9],
      ['count', 13],
      ['category', 'Jugs and ewers'],
    ],
    'Beside the links to the previous and the next product',
  ),
  neighbours: ofProducts('Previous and next product', 'Names the two links, said aloud'),
  zoomOf: ofProducts(
    'Zoom, picture {number} of {count}',
    [
      ['number', 2],
      ['count', 4],
    ],
    'A button on a picture, said aloud',
  ),
  pictureOf: ofProducts(
    'Picture {number} of {count}',
    [
      ['number', 2],
      ['count', 4],
    ],
    'A small picture or a position dot, said aloud',
  ),
  from: ofProducts('from', 'Before the lowest of several prices'),
  rating: ofProducts(
    {
      one: '{mean} out of 5 ({count} review)',
      other: '{mean} out of 5 ({count} reviews)',
    },
    [
      ['mean', 4.3, 'tenths'],
      ['count', 12],
    ],
  ),
  ratingFigure: ofProducts('{mean}', [['mean', 4.3, 'tenths']], 'Beside the stars'),
  ratingCount: ofProducts('({count})', [['count', 12]], 'Reviews, beside the stars'),
  productKinds: {
    single: ofProducts('Single product', 'A kind of product'),
    variants: ofProducts('Several variants', 'A kind of product'),
    set: ofProducts('Set', 'A kind of product'),
    digital: ofProducts('Digital', 'A kind of product'),
  },
  yes: ofProducts('Yes', 'A field that is true'),
  no: ofProducts('No', 'A field that is false'),
  sold: ofProducts('{count} sold', [['count', 240]]),
  inStock: ofProducts('In stock'),
  soldOut: ofProducts('Sold out'),
  aFewLeft: ofProducts('Only a few left', 'Where it is not said how many'),
  fewLeft: ofProducts('Only {count} left', [['count', 3]]),
  isNew: ofProducts('New'),
  featured: ofProducts('Featured'),
  percentOff: ofProducts('{percent}% off', [['percent', 20]]),
  reduced: ofProducts('Reduced', 'By less than one percent'),
  chooseOptions: ofProducts('Choose options'),
  choose: ofProducts('Choose…', 'A list of options of which none is chosen yet'),
  optionOf: ofProducts(
    '{option}: {title}',
    [['option', 'Size'], TITLE],
    'The values of an option, said aloud',
  ),
  valueSoldOut: ofProducts('{value}, sold out', [['value', 'Large']]),
  moreValues: ofProducts('+{count}', [['count', 4]], 'Swatches that are not shown'),
  moreValuesOf: ofProducts(
    '{count} more, {option}: {title}',
    [['count', 4], ['option', 'Size'], TITLE],
    'The same, said aloud',
  ),
  quickView: ofProducts('Quick view'),
  allDetails: ofProducts('See all details'),

  save: ofSaved('Save for later'),
  saved: ofSaved('Saved', 'A product that is saved'),
  nothingSaved: ofSaved(
    'You have not saved anything yet. What you save for later is kept here, on this device.',
  ),

  addToBasket: ofBasket('Add to basket'),
  quantity: ofBasket('Quantity'),
  quantityOf: ofBasket('Quantity of {title}', [TITLE]),
  oneFewer: ofBasket('One fewer'),
  oneMore: ofBasket('One more'),
  change: ofBasket('Change'),
  changeOf: ofBasket('Change the quantity of {title}', [TITLE]),
  remove: ofBasket('Remove'),
  removeOf: ofBasket('Remove {title}', [TITLE]),
  each: ofBasket('{price} each', [['price', '£14']]),
  total: ofBasket('Total'),
  emptyBasket: ofBasket('There is nothing in your basket.'),
  browse: ofBasket('Browse the shop'),
  toCheckout: ofBasket('Go to checkout'),
  lineSoldOut: ofBasket('Sold out, and not counted in the total.'),
  lineFewer: ofBasket('Only {count} left, so only as many are counted.', [['count', 3]]),
  lineRepriced: ofBasket('The price has changed; it was {price}.', [['price', '£14']]),
  linesGone: ofBasket(
    {
      one: '{count} product from your basket is not sold any more.',
      other: '{count} products from your basket are not sold any more.',
    },
    [['count', 2]],
  ),
  notBought: ofBasket('Nothing can be ordered here just now.'),

  yourName: ofCheckout('Your name'),
  yourEmail: ofCheckout('Your e-mail address'),
  optional: ofCheckout('{field} (optional)', [FIELD]),
  note: ofCheckout('Note to the store'),
  noPayment: ofCheckout('No payment is taken.'),
  placeOrder: ofCheckout('Place order'),
  orderPlaced: ofCheckout('Thank you. Your order {order} is placed.', [['order', '1042']]),
  orderSubject: ofCheckout('Your order {order}', [['order', '1042']], 'The subject of the confirmation'),
  orderFollows: ofCheckout('A confirmation is on its way to your e-mail address.'),
  orderNumbered: ofCheckout('Order {order}', [['order', '1042']], 'In the list of orders'),
  inOrder: ofCheckout(
    { one: '{count} thing', other: '{count} things' },
    [['count', 3]],
    'How much is in an order',
  ),
  nothingOrdered: ofCheckout(
    'You have not ordered anything yet. What you order is listed here, on this device.',
  ),
  totalChanged: ofCheckout(
    'Prices or stock have changed meanwhile. Look at the new total, then place the order again.',
  ),

  askQuote: ofQuestions('Ask for a quote'),
  askAbout: ofQuestions('Ask about this product'),
  yourMessage: ofQuestions('Your message'),
  send: ofQuestions('Send'),
  messageSent: ofQuestions('Thank you. Your message was sent; the store will answer by e-mail.'),
  messageFrom: ofQuestions('Message from {name}', [['name', 'Ada']]),
  questionAbout: ofQuestions('Question about {title}', [TITLE]),
  quoteFor: ofQuestions('Quote for {title}', [TITLE]),
  backTo: ofQuestions('Back to {title}', [TITLE]),

  missing: ofFaults('{field} is missing. Fill it in.', [FIELD]),
  emailWrong: ofFaults('This is not an e-mail address. Write it as in name@place.org.'),
  tooLong: ofFaults('{field} is too long. Use {most} characters at most.', [FIELD, ['most', 4000]]),

  nowhere: {
    title: plain('There is nothing at this address'),
    words: plain('It may have moved or sold out.'),
    button: plain('Browse the shop', 'Where there is nothing at an address'),
  },
  away: {
    title: plain('This page cannot be shown just now'),
    words: plain('It will be back in a moment. Nothing is lost.'),
    button: plain('Go to the home page', 'Where a page cannot be shown'),
  },
  wrong: {
    title: plain('Something went wrong on our side'),
    words: plain('It has been noted. Please try again.'),
    button: plain('Go to the home page', 'Where something went wrong'),
  },
  refused: {
    title: plain('This was not done'),
    words: plain('It could not be taken as it was sent.', 'Where no more is known about why'),
    button: plain('Browse the shop', 'Where something was not done'),
  },
  notOpen: {
    title: plain('This store is not open yet'),
    words: plain('Please come back soon.'),
  },
};
