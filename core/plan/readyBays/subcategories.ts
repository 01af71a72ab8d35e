import { rowThatRunsOn } from '../arrangements/rowThatRunsOn.ts';
import { readyShelf } from './readyBay.ts';

export const subcategories = readyShelf({
  id: 'subcategories',
  heading: 'More in this category',
  about: 'What is below the category of the page, on the page of every category.',
  group: 'categories',
  on: ['category'],
  assortment: { of: 'categories', choose: { from: 'around' } },
  arrangement: rowThatRunsOn,
  notTwice: false,
});
