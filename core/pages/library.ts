import { plainPage, type PageKind } from './pageKind.ts';

/** Bays that are kept to be put into any page; a store has it once one is. */
export const library: PageKind = {
  ...plainPage,
  id: 'library',
  name: 'Saved bays',
  address: { steps: [], slugged: false },
  at: 'no address: to be put into any page',
  kept: true,
};
