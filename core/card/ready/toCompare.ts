import type { ReadyCard } from './readyCard.ts';

export const toCompare: ReadyCard = {
  id: 'toCompare',
  name: 'To compare',
  about: 'All that helps to choose: brand, rating, options, and what is in stock.',
  of: ['products'],
  parts: [
    { part: 'picture' },
    { part: 'brand' },
    { part: 'title' },
    { part: 'rating' },
    { part: 'price' },
    { part: 'swatches' },
    { part: 'stock' },
  ],
};
