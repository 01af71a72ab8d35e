import { listed, plainPage, type PageKind } from './pageKind.ts';

export const shopPage: PageKind = {
  ...plainPage,
  lists: true,
  id: 'shop',
  name: 'Shop',
  address: { steps: ['shop'], slugged: false },
  at: '/shop',
  // The whole of a category has a page of its own.
  narrowedTo: ([first, ...more]) =>
    first?.[0] === 'category' && more.length === 0 ? `/category/${encodeURIComponent(first[1])}` : null,
  first: listed('shop', 'Everything', {
    of: 'products',
    order: { by: 'position' },
    soldOut: 'toTheEnd',
  }),
};
