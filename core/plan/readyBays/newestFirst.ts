import { rowThatRunsOn } from '../arrangements/rowThatRunsOn.ts';
import { readyShelf } from './readyBay.ts';

export const newestFirst = readyShelf({
  id: 'newestFirst',
  heading: 'New',
  about: 'What came out last, newest first.',
  group: 'products',
  on: null,
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'new', days: null }] },
    order: { by: 'newest' },
    fallback: { fewerThan: 1, then: 'goAway', from: null },
  },
  arrangement: rowThatRunsOn,
  notTwice: true,
});
