import type { ReadyBay } from './readyBay.ts';

export const inWords: ReadyBay = {
  id: 'inWords',
  heading: 'How it is made',
  about: 'Paragraphs with headings, lists and links, to be read at ease.',
  group: 'texts',
  on: null,
  make: (id) => ({
    bay: {
      id,
      holds: 'words',
      heading: { words: 'How it is made' },
      body: [
        {
          type: 'paragraph',
          content: [
            { type: 'text', text: 'Say here where it comes from, ' },
            { type: 'text', text: 'who makes it', marks: [{ type: 'bold' }] },
            { type: 'text', text: ' and what it is made of.' },
          ],
        },
        { type: 'heading', attrs: { level: 3 }, content: [{ type: 'text', text: 'Good to know' }] },
        {
          type: 'bulletList',
          content: ['How long it takes', 'How it is looked after', 'Whom to ask'].map((text) => ({
            type: 'listItem' as const,
            content: [{ type: 'paragraph' as const, content: [{ type: 'text' as const, text }] }],
          })),
        },
      ],
    },
    shelves: [],
  }),
};
