import type { ReadyBay } from './readyBay.ts';

export const threePromises: ReadyBay = {
  id: 'threePromises',
  heading: 'Three promises',
  about: 'What shoppers want to know before they buy, side by side.',
  group: 'texts',
  on: null,
  make: (id, bands) => ({
    bay: {
      id,
      holds: 'pictureText',
      across: { [bands[0]!.id]: 1, [bands[1]?.id ?? bands[0]!.id]: 3 },
      columns: [
        ['Packed with care', 'Breakages within 14 days are replaced.'],
        ['Leaves twice a week', 'Parcels go out on Tuesdays and Fridays.'],
        ['Answers from people', 'Write to us, and the maker answers.'],
      ].map(([title, words], i) => ({ id: `column-${i + 1}`, title, words })),
    },
    shelves: [],
  }),
};
