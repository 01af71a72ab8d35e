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
  inStock: 'In stock',
  soldOut: 'Sold out',
  fewLeft: (count) => (count === null ? 'Only a few left' : `Only ${number.format(count)} left`),
  percentOff: (percent) => `${percent}% off`,
  reduced: 'Reduced',

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
  notOpen: {
    title: 'This store is not open yet',
    words: 'Please come back soon.',
    button: '',
  },
};
