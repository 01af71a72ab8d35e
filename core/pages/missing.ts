import { plainPage, type PageKind } from './pageKind.ts';

const SHELF = 'missing-bestselling';

/** What stands wherever there is nothing: the way on to what others buy. */
export const missingPage: PageKind = {
  ...plainPage,
  id: 'missing',
  name: 'Not found',
  address: { steps: [], slugged: false },
  at: 'every address where there is nothing',
  nowhere: true,
  everywhere: true,
  // In the language of the store, and as its owner says it there.
  named: (_, texts) => texts.nowhere.title,
  described: (_, texts) => texts.nowhere.words,
  first: {
    bays: [
      { id: 'missing-words', holds: 'banner', says: 'page', button: 'Browse the shop', link: '/shop' },
      { id: SHELF, holds: 'shelf', shelfId: SHELF, heading: { words: 'Bestselling' } },
    ],
    shelves: [
      {
        id: SHELF,
        name: 'Bestselling',
        assortment: { of: 'products', order: { by: 'bestSold', days: 30 }, limit: 8 },
      },
    ],
  },
};
