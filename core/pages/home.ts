import { plainPage, type PageKind } from './pageKind.ts';

export const homePage: PageKind = {
  ...plainPage,
  id: 'home',
  name: 'Home',
  address: { steps: [], slugged: false },
  at: '/',
  titledByStore: true,
  front: true,
  first: {
    bays: [{ id: 'new', holds: 'shelf', shelfId: 'new', heading: { words: 'New' } }],
    shelves: [{ id: 'new', name: 'New' }],
  },
};
