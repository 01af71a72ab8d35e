import { stacked, type PageTemplate } from './pageTemplate.ts';

export const everythingTemplate: PageTemplate = {
  id: 'everything',
  name: 'Everything in a category',
  about: 'all products of a category and below it, in pages',
  needsCategory: true,
  make: ({ id, name, bands, category }) =>
    stacked({
      bay: { id: `${id}-all`, holds: 'shelf', shelfId: `${id}-all` },
      shelves: [
        {
          id: `${id}-all`,
          name,
          assortment: {
            of: 'products',
            ...(category !== null && {
              rule: { join: 'all', parts: [{ is: 'category', ids: [category], below: true }] },
            }),
            order: { by: 'bestSold', days: 90 },
            soldOut: 'toTheEnd',
          },
          amount: { by: 'rows', rows: { [bands[0]!.id]: 6 } },
          paging: { by: 'numbered' },
        },
      ],
    }),
};
