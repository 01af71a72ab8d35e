import { manySmall } from '../arrangements/manySmall.ts';
import { readyShelf } from './readyBay.ts';

export const lookedAtLately = readyShelf({
  id: 'lookedAtLately',
  heading: 'Recently viewed',
  about: 'What this shopper viewed; hidden for others.',
  group: 'shopper',
  on: null,
  assortment: {
    of: 'products',
    rule: { join: 'all', parts: [{ is: 'lookedAt' }] },
    order: { by: 'lookedAt' },
    soldOut: 'asTheyCome',
    limit: 12,
    fallback: { fewerThan: 1, then: 'goAway', from: null },
  },
  arrangement: manySmall,
  notTwice: false,
});
