import { plainPage, type PageKind } from './pageKind.ts';

const SHELF = 'saved-products';

/** What one shopper keeps for later. */
export const savedPage: PageKind = {
  ...plainPage,
  id: 'saved',
  name: 'Saved products',
  address: { steps: ['saved'], slugged: false },
  at: '/saved',
  needs: 'saved',
  own: true,
  everywhere: true,
  around: ({ saved }) => ({ of: 'saved', ids: saved ?? [] }),
  none: (texts) => texts.nothingSaved,
  first: {
    bays: [{ id: SHELF, holds: 'shelf', shelfId: SHELF }],
    shelves: [
      {
        id: SHELF,
        name: 'Saved products',
        assortment: {
          of: 'products',
          rule: { join: 'all', parts: [{ is: 'around' }] },
          order: { by: 'saved' },
          soldOut: 'asTheyCome',
        },
        // Where it is kept no longer.
        card: { parts: { save: { shown: { phone: true }, zone: { phone: 'upperEnd' } } } },
        paging: { by: 'numbered' },
      },
    ],
  },
};
