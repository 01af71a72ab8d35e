import type { ReadyBay } from './readyBay.ts';

export const storyByTurns: ReadyBay = {
  id: 'storyByTurns',
  heading: 'A story by turns',
  about: 'Three pictures with text, every other one the other way round.',
  group: 'texts',
  on: null,
  make: (id) => ({
    bay: {
      id,
      holds: 'pictureText',
      alternate: true,
      columns: ['How it is made', 'Who makes it', 'Where it goes'].map((title, i) => ({
        id: `column-${i + 1}`,
        title,
        words: 'A few words, with a picture beside them.',
      })),
    },
    shelves: [],
  }),
};
