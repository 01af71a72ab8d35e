import { listed, plainPage, type PageKind } from './pageKind.ts';

export const shopPage: PageKind = {
  ...plainPage,
  id: 'shop',
  name: 'Shop',
  address: { steps: ['shop'], slugged: false },
  at: '/shop',
  first: listed('shop', 'Everything', {
    of: 'products',
    order: { by: 'position' },
    soldOut: 'toTheEnd',
  }),
};
