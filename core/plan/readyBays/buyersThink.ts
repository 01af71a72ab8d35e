import type { ReadyBay } from './readyBay.ts';

export const buyersThink: ReadyBay = {
  id: 'buyersThink',
  heading: 'What buyers think',
  about: 'The rating of the product that the page is about, in large stars.',
  group: 'shopper',
  on: ['product'],
  make: (id) => ({
    bay: { id, holds: 'reviews', heading: { words: 'What buyers think' } },
    shelves: [],
  }),
};
