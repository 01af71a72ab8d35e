import type { ReadyCard } from './readyCard.ts';

export const namesOnly: ReadyCard = {
  id: 'namesOnly',
  name: 'Names only',
  about: 'No picture: names with a few words under them, in as little room as can be.',
  of: ['products', 'categories', 'collections', 'entries'],
  parts: [{ part: 'title' }, { part: 'price', shares: true, align: 'end' }, { part: 'description' }],
};
