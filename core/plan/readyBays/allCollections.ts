import { oneLarge } from '../arrangements/oneLarge.ts';
import type { ReadyBay } from './readyBay.ts';

export const allCollections: ReadyBay = {
  id: 'allCollections',
  heading: 'Collections',
  about: 'Every collection, one large at a time.',
  on: null,
  assortment: { of: 'collections' },
  arrangement: oneLarge,
  notTwice: false,
};
