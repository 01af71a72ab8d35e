import { stacked, type PageTemplate } from './pageTemplate.ts';

export const lookbookTemplate: PageTemplate = {
  id: 'lookbook',
  name: 'Lookbook',
  about: 'a large picture, pictures with text by turns, and the newest products as a wall of pictures',
  make: ({ id, name, bands }) =>
    stacked(
      {
        bay: {
          id: `${id}-banner`,
          holds: 'banner',
          title: name,
          height: { [bands[0]!.id]: 460, [bands.at(-1)!.id]: 620 },
          look: { width: 'window' },
        },
      },
      {
        bay: {
          id: `${id}-story`,
          holds: 'pictureText',
          alternate: true,
          columns: ['The making', 'The finish', 'At the table'].map((title, i) => ({
            id: `column-${i + 1}`,
            title,
            words: 'A few words, and a picture beside them.',
          })),
        },
      },
      {
        bay: {
          id: `${id}-wall`,
          holds: 'shelf',
          shelfId: `${id}-wall`,
          heading: { words: 'In the pictures' },
        },
        shelves: [
          {
            id: `${id}-wall`,
            name: 'In the pictures',
            assortment: {
              of: 'products',
              order: { by: 'newest' },
              limit: 12,
            },
            layout: { [bands[0]!.id]: 'mosaic' },
          },
        ],
      },
    ),
};
