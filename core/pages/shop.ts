import { plainPage, type PageKind } from './pageKind.ts';

export const shopPage: PageKind = {
  ...plainPage,
  id: 'shop',
  name: 'Shop',
  address: { steps: ['shop'], slugged: false },
  at: '/shop',
};
