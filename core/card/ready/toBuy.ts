import type { ReadyCard } from './readyCard.ts';

export const toBuy: ReadyCard = {
  id: 'toBuy',
  name: 'To buy at once',
  about: 'A basket button as wide as the card under title and price.',
  of: ['products'],
  parts: [
    { part: 'picture' },
    { part: 'title' },
    { part: 'price' },
    { part: 'basket', own: { shows: 'words', width: 'card' } },
  ],
};
