import type { ReadyCard } from './readyCard.ts';

export const oneLine: ReadyCard = {
  id: 'oneLine',
  name: 'Title and price on one line',
  about: 'Low cards: what it is at the start of the line, what it costs at its end, the rating below.',
  of: ['products'],
  parts: [
    { part: 'picture' },
    { part: 'title' },
    { part: 'price', shares: true, align: 'end' },
    { part: 'rating' },
  ],
};
