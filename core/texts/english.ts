import { englishInScript } from './englishInScript.ts';
import type { StoreTexts } from './storeTexts.ts';

const number = new Intl.NumberFormat('en');
const tenth = new Intl.NumberFormat('en', { minimumFractionDigits: 1, maximumFractionDigits: 1 });

const counted = (count: number, one: string, many: string) =>
  `${number.format(count)} ${count === 1 ? one : many}`;

export const english: StoreTexts = {
  ...englishInScript,

  skipToContent: 'Skip to content',
  skipToFooter: 'Skip to footer',
  store: 'Store',
  breadcrumb: 'Breadcrumb',
  shop: 'Shop',
  journal: 'Journal',

  thisList: 'this list',
  showMore: 'Show more',
  showPrevious: 'Show previous',
  pagesOf: (list) => `Pages of ${list}`,
  pageOf: (page, pages) => `Page ${page} of ${pages}`,
  previous: 'Previous',
  next: 'Next',

  carousel: 'carousel',
  previousOf: (list) => `Previous of ${list}`,
  nextOf: (list) => `Next of ${list}`,
  positionsOf: (list) => `Positions of ${list}`,
  pause: (list) => `Pause ${list}`,
  start: (list) => `Play ${list}`,

  seeMore: 'See more',
  noPicture: 'No picture yet',
  from: 'from',
  products: (count) => counted(count, 'product', 'products'),
  rating: (mean, count) => `${tenth.format(mean)} out of 5 (${counted(count, 'review', 'reviews')})`,
  ratingFigure: (mean) => tenth.format(mean),
  ratingCount: (count) => `(${number.format(count)})`,
  yes: 'Yes',
  no: 'No',
  sold: (units) => `${number.format(units)} sold`,
  inStock: 'In stock',
  soldOut: 'Sold out',
  fewLeft: (count) => (count === null ? 'Only a few left' : `Only ${number.format(count)} left`),
  isNew: 'New',
  featured: 'Featured',
  percentOff: (percent) => `${percent}% off`,
  reduced: 'Reduced',

  basket: 'Basket',
  addToBasket: 'Add to basket',
  chooseOptions: 'Choose options',
  choose: 'Choose…',
  optionOf: (option, title) => `${option}: ${title}`,
  valueSoldOut: (value) => `${value}, sold out`,
  moreValues: (count) => `+${number.format(count)}`,
  moreValuesOf: (count, option, title) => `${number.format(count)} more, ${option}: ${title}`,
  quantity: 'Quantity',
  quantityOf: (title) => `Quantity of ${title}`,
  change: 'Change',
  changeOf: (title) => `Change the quantity of ${title}`,
  remove: 'Remove',
  removeOf: (title) => `Remove ${title}`,
  each: (price) => `${price} each`,
  total: 'Total',
  emptyBasket: 'There is nothing in your basket.',
  browse: 'Browse the shop',
  toCheckout: 'Go to checkout',
  lineSoldOut: 'Sold out, and not counted in the total.',
  lineFewer: (left) => `Only ${number.format(left)} left, so only as many are counted.`,
  lineRepriced: (was) => `The price has changed; it was ${was}.`,
  linesGone: (count) =>
    `${counted(count, 'product', 'products')} from your basket ${count === 1 ? 'is' : 'are'} not sold any more.`,
  notBought: 'Nothing can be ordered here just now.',
  yourName: 'Your name',
  yourEmail: 'Your e-mail address',
  optional: (field) => `${field} (optional)`,
  note: 'Note to the store',
  noPayment: 'No payment is taken.',
  placeOrder: 'Place order',
  orderPlaced: (orderNumber) => `Thank you. Your order ${orderNumber} is placed.`,
  orderSubject: (orderNumber) => `Your order ${orderNumber}`,
  orderFollows: 'A confirmation is on its way to your e-mail address.',

  askQuote: 'Ask for a quote',
  quickView: 'Quick view',
  allDetails: 'See all details',
  askAbout: 'Ask about this product',
  yourMessage: 'Your message',
  send: 'Send',
  messageSent: 'Thank you. Your message was sent; the store will answer by e-mail.',
  questionAbout: (title) => `Question about ${title}`,
  quoteFor: (title) => `Quote for ${title}`,
  backTo: (title) => `Back to ${title}`,

  missing: (field) => `${field} is missing. Fill it in.`,
  emailWrong: 'This is not an e-mail address. Write it as in name@place.org.',
  tooLong: (field, most) => `${field} is too long. Use ${number.format(most)} characters at most.`,
  totalChanged: 'Prices or stock have changed meanwhile. Look at the new total, then place the order again.',

  nowhere: {
    title: 'There is nothing at this address',
    words: 'It may have moved or sold out.',
    button: 'Browse the shop',
  },
  away: {
    title: 'This page cannot be shown just now',
    words: 'It will be back in a moment. Nothing is lost.',
    button: 'Go to the home page',
  },
  wrong: {
    title: 'Something went wrong on our side',
    words: 'It has been noted. Please try again.',
    button: 'Go to the home page',
  },
  refused: {
    title: 'This was not done',
    words: 'It could not be taken as it was sent.',
    button: 'Browse the shop',
  },
  notOpen: {
    title: 'This store is not open yet',
    words: 'Please come back soon.',
    button: '',
  },
};
