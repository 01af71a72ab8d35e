import { evenRows } from '../arrangements/evenRows.ts';
import type { ReadyBay } from './readyBay.ts';

export const bestSold: ReadyBay = {
  id: 'bestSold',
  heading: 'Bestselling',
  about: 'What sold most in the last 30 days.',
  on: null,
  assortment: { of: 'products', order: { by: 'bestSold', days: 30 } },
  arrangement: evenRows,
  notTwice: true,
};
