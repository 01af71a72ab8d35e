import { newAssortment } from '../atFirst.ts';
import { manySmall } from '../arrangements/manySmall.ts';
import type { ReadyBay } from './readyBay.ts';

export const lookedAtLately: ReadyBay = {
  id: 'lookedAtLately',
  heading: 'Looked at lately',
  about: 'What this shopper looked at; it is not there for others.',
  on: null,
  assortment: () => ({
    ...newAssortment('products'),
    rule: { join: 'all', parts: [{ is: 'lookedAt' }] },
    order: { by: 'lookedAt' },
    soldOut: 'asTheyCome',
    limit: 12,
    fallback: { fewerThan: 1, then: 'goAway', from: null },
  }),
  arrangement: manySmall,
  notTwice: false,
};
