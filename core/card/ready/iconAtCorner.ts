import type { ReadyCard } from './readyCard.ts';

export const iconAtCorner: ReadyCard = {
  id: 'iconAtCorner',
  name: 'Basket icon at the corner',
  about: 'A small basket in the corner of the picture, and the words in the middle.',
  of: ['products'],
  parts: [
    { part: 'picture' },
    { part: 'basket', zone: 'lowerEnd', own: { shows: 'icon' } },
    { part: 'title' },
    { part: 'price' },
  ],
  card: { 'card.align': 'center' },
};
