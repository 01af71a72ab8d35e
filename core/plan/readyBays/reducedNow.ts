import { wrapped } from '../arrangements/wrapped.ts';
import { readyShelf } from './readyBay.ts';

export const reducedNow = readyShelf({
  id: 'reducedNow',
  heading: 'Reduced now',
  about: 'Everything at a reduced price, the largest reduction first.',
  group: 'products',
  on: null,
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'reduced', percent: 0 }] },
    order: { by: 'reduction' },
    fallback: { fewerThan: 1, then: 'goAway', from: null },
  },
  arrangement: wrapped,
  notTwice: true,
});
