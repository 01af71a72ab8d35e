import { columnOf } from '../tableColumn.ts';
import type { ReadyTable } from './readyTable.ts';

export const tradeList: ReadyTable = {
  id: 'trade-list',
  name: 'Trade list',
  about: 'Item codes, stock and prices, with a quantity for every row and one press that adds them all.',
  of: ['products'],
  columns: [
    columnOf('picture'),
    columnOf('title'),
    { ...columnOf('code'), leaves: 2 },
    { ...columnOf('brand'), leaves: 1 },
    { ...columnOf('stock'), leaves: 3 },
    columnOf('price'),
    { ...columnOf('quantity'), leaves: 4 },
    { ...columnOf('basket'), leaves: 4 },
  ],
  own: { addAll: 'both', basketLink: 'both' },
};
