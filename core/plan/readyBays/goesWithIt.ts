import { rowThatRunsOn } from '../arrangements/rowThatRunsOn.ts';
import { readyShelf } from './readyBay.ts';

export const goesWithIt = readyShelf({
  id: 'goesWithIt',
  heading: 'Often bought together',
  about: 'What is related to the product that the page is about.',
  group: 'shopper',
  on: ['product'],
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'related' }] },
    order: { by: 'related' },
    limit: 12,
    fallback: { fewerThan: 1, then: 'goAway', from: null },
  },
  arrangement: rowThatRunsOn,
  notTwice: false,
});
