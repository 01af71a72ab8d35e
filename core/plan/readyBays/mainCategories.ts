import { largeAndSmall } from '../arrangements/largeAndSmall.ts';
import { readyShelf } from './readyBay.ts';

export const mainCategories = readyShelf({
  id: 'mainCategories',
  heading: 'Shop by category',
  about: 'The main categories with their pictures.',
  group: 'categories',
  on: null,
  assortment: { of: 'categories' },
  arrangement: largeAndSmall,
  notTwice: false,
});
