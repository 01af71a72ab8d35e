import { rowThatRunsOn } from '../arrangements/rowThatRunsOn.ts';
import { readyShelf } from './readyBay.ts';

export const sameBrand = readyShelf({
  id: 'sameBrand',
  heading: 'More from the same maker',
  about: 'What is of the brand of the product that the page is about, best sold first.',
  group: 'shopper',
  on: ['product'],
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'sameBrand' }] },
    order: { by: 'bestSold', days: 90 },
    soldOut: 'out',
    limit: 12,
    fallback: { fewerThan: 1, then: 'goAway', from: null },
  },
  arrangement: rowThatRunsOn,
  notTwice: false,
});
