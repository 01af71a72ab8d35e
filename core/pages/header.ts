import { plainPage, type PageKind } from './pageKind.ts';

/** What every page begins with. */
export const headerEdge: PageKind = {
  ...plainPage,
  id: 'header',
  name: 'Header',
  address: { steps: [], slugged: false },
  at: 'the top of every page',
  edge: 'head',
  everywhere: true,
  first: {
    bays: [
      { id: 'store-name', holds: 'storeName' },
      { id: 'store-menu', holds: 'menu' },
      {
        id: 'store-search',
        holds: 'search',
        shown: { phone: 'link', wide: 'field' },
        fieldPx: { phone: 260 },
      },
      { id: 'store-own', holds: 'ownLinks' },
    ],
  },
};
