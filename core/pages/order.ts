import { plainPage, type PageKind } from './pageKind.ts';

/** What a shopper sees once an order is placed; its slug is known to that shopper alone. */
export const orderPage: PageKind = {
  ...plainPage,
  id: 'order',
  name: 'Order placed',
  address: { steps: ['order'], slugged: true },
  at: '/order/…, for every order',
  needs: 'order',
  own: true,
  everywhere: true,
  first: { bays: [{ id: 'order', holds: 'order' }] },
};
