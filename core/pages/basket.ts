import { plainPage, type PageKind } from './pageKind.ts';

export const basketPage: PageKind = {
  ...plainPage,
  id: 'basket',
  name: 'Basket',
  address: { steps: ['basket'], slugged: false },
  at: '/basket',
  needs: 'basket',
  own: true,
  everywhere: true,
  first: { bays: [{ id: 'basket', holds: 'basket' }] },
};
