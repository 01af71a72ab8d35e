import type { ReadyCard } from './readyCard.ts';

export const barOnHover: ReadyCard = {
  id: 'barOnHover',
  name: 'Basket bar on hover',
  about: 'Calm at rest; a basket button along the foot of the picture when pointed at, by touch always.',
  of: ['products'],
  parts: [
    { part: 'picture' },
    { part: 'basket', zone: 'foot', onHover: true, own: { shows: 'both' } },
    { part: 'title' },
    { part: 'price' },
    { part: 'swatches' },
  ],
};
