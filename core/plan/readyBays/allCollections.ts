import { oneLarge } from '../arrangements/oneLarge.ts';
import { readyShelf } from './readyBay.ts';

export const allCollections = readyShelf({
  id: 'allCollections',
  heading: 'Collections',
  about: 'Every collection that is not shown above, one large at a time.',
  group: 'categories',
  on: null,
  assortment: { of: 'collections' },
  arrangement: oneLarge,
  notTwice: true,
});
