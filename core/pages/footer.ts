import { plainPage, type PageKind } from './pageKind.ts';

/** What every page ends with. */
export const footerEdge: PageKind = {
  ...plainPage,
  id: 'footer',
  name: 'Footer',
  address: { steps: [], slugged: false },
  at: 'the foot of every page',
  edge: 'foot',
  everywhere: true,
  first: { bays: [{ id: 'foot-name', holds: 'storeName' }] },
};
