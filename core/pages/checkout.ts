import { linkTo, plainPage, type PageKind } from './pageKind.ts';

export const checkoutPage: PageKind = {
  ...plainPage,
  id: 'checkout',
  name: 'Checkout',
  address: { steps: ['checkout'], slugged: false },
  at: '/checkout',
  needs: 'basket',
  own: true,
  everywhere: true,
  trail: (_, __, texts) => [linkTo(texts.basket, '/basket')],
  first: { bays: [{ id: 'checkout', holds: 'checkout' }] },
};
