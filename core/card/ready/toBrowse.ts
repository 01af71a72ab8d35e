import type { ReadyCard } from './readyCard.ts';

export const toBrowse: ReadyCard = {
  id: 'toBrowse',
  name: 'To browse',
  about: 'The name with how many products there are beside it, and a few words about them.',
  of: ['categories', 'collections'],
  parts: [
    { part: 'picture' },
    { part: 'title' },
    { part: 'count', shares: true, align: 'end' },
    { part: 'description' },
  ],
};
