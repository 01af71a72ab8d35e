import { plainPage, type PageKind } from './pageKind.ts';

/** A page of the owner's own, at an address that the owner chose. */
export const ownPage: PageKind = {
  ...plainPage,
  id: 'own',
  name: 'Own page',
  address: { steps: ['page'], slugged: true },
  at: '/page/…',
  many: true,
};
