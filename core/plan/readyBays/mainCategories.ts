import { largeAndSmall } from '../arrangements/largeAndSmall.ts';
import type { ReadyBay } from './readyBay.ts';

export const mainCategories: ReadyBay = {
  id: 'mainCategories',
  heading: 'Shop by category',
  about: 'The main categories with their pictures.',
  on: null,
  assortment: { of: 'categories' },
  arrangement: largeAndSmall,
  notTwice: false,
};
