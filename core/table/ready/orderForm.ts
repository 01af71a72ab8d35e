import { columnOf } from '../tableColumn.ts';
import type { ReadyTable } from './readyTable.ts';

export const orderForm: ReadyTable = {
  id: 'order-form',
  name: 'Order form',
  about: 'A price and a quantity for every row; one press below orders all that is filled in.',
  of: ['products'],
  columns: [
    columnOf('picture'),
    columnOf('title'),
    columnOf('price'),
    { ...columnOf('quantity'), leaves: 1 },
  ],
  own: { addAll: 'below', checkoutLink: 'below' },
};
