import { linePartOf } from '../linePart.ts';

export const authorPart = linePartOf({
  id: 'author',
  of: ['entries'],
  name: 'Author',
  find: ['author', 'writer', 'by'],
  words: (item) => (item.of === 'entries' ? item.entry.author : null),
});
