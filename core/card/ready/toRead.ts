import type { ReadyCard } from './readyCard.ts';

export const toRead: ReadyCard = {
  id: 'toRead',
  name: 'To read',
  about: 'When it was written and by whom, a few lines of it, and a link to read on.',
  of: ['entries'],
  parts: [
    { part: 'picture' },
    { part: 'date' },
    { part: 'author', shares: true },
    { part: 'title' },
    { part: 'description' },
    { part: 'details' },
  ],
};
