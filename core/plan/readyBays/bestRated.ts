import { rowThatRunsOn } from '../arrangements/rowThatRunsOn.ts';
import { readyShelf } from './readyBay.ts';

export const bestRated = readyShelf({
  id: 'bestRated',
  heading: 'Best rated',
  about: 'What shoppers rated highest, in a row that runs on.',
  group: 'products',
  on: null,
  assortment: { of: 'products', order: { by: 'rating' }, limit: 12 },
  arrangement: rowThatRunsOn,
  notTwice: true,
});
