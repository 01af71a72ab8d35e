import { newAssortment } from '../atFirst.ts';
import { largeAndSmall } from '../arrangements/largeAndSmall.ts';
import type { ReadyBay } from './readyBay.ts';

export const mainCategories: ReadyBay = {
  id: 'mainCategories',
  heading: 'By category',
  about: 'The main categories with their pictures.',
  on: null,
  assortment: () => newAssortment('categories'),
  arrangement: largeAndSmall,
  notTwice: false,
};
