import { mainCategories } from '../readyBays/mainCategories.ts';
import { stacked, type PageTemplate } from './pageTemplate.ts';

export const allGoodsTemplate: PageTemplate = {
  id: 'allGoods',
  name: 'All goods',
  about: 'the main categories, and every product below them in pages, newest first',
  make: ({ id, bands }) =>
    stacked(mainCategories.make(`${id}-categories`, bands), {
      bay: {
        id: `${id}-all`,
        holds: 'shelf',
        shelfId: `${id}-all`,
        heading: { words: 'Everything' },
      },
      shelves: [
        {
          id: `${id}-all`,
          name: 'Everything',
          assortment: { of: 'products', order: { by: 'newest' }, soldOut: 'toTheEnd' },
          amount: { by: 'rows', rows: { [bands[0]!.id]: 4 } },
          paging: { by: 'numbered' },
        },
      ],
    }),
};
