import { evenRows } from '../arrangements/evenRows.ts';
import { readyShelf } from './readyBay.ts';

export const bestSold = readyShelf({
  id: 'bestSold',
  heading: 'Bestselling',
  about: 'What sold most in the last 30 days.',
  group: 'products',
  on: null,
  assortment: { of: 'products', order: { by: 'bestSold', days: 30 } },
  arrangement: evenRows,
  notTwice: true,
});
