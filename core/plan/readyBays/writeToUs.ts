import type { ReadyBay } from './readyBay.ts';

export const writeToUs: ReadyBay = {
  id: 'writeToUs',
  heading: 'Write to us',
  about: 'A form whose messages come to the outbox.',
  group: 'shopper',
  on: null,
  make: (id) => ({
    bay: {
      id,
      holds: 'contact',
      heading: { words: 'Write to us' },
      fields: [
        { id: 'about', label: 'What it is about' },
        { id: 'message', label: 'Your message', type: 'long', required: true },
      ],
    },
    shelves: [],
  }),
};
