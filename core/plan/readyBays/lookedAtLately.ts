import { manySmall } from '../arrangements/manySmall.ts';
import type { ReadyBay } from './readyBay.ts';

export const lookedAtLately: ReadyBay = {
  id: 'lookedAtLately',
  heading: 'Recently viewed',
  about: 'What this shopper viewed; hidden for others.',
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
};
