import { wrapped } from '../arrangements/wrapped.ts';
import type { ReadyBay } from './readyBay.ts';

export const reducedNow: ReadyBay = {
  id: 'reducedNow',
  heading: 'Reduced now',
  about: 'Everything at a reduced price, the largest reduction first.',
  on: null,
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'reduced', percent: 0 }] },
    order: { by: 'reduction' },
    fallback: { fewerThan: 1, then: 'goAway', from: null },
  },
  arrangement: wrapped,
  notTwice: true,
};
