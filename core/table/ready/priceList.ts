import { columnOf } from '../tableColumn.ts';
import type { ReadyTable } from './readyTable.ts';

export const priceList: ReadyTable = {
  id: 'price-list',
  name: 'Price list',
  about: 'Names, codes and prices, one line each, without pictures.',
  of: ['products'],
  columns: [columnOf('title'), { ...columnOf('code'), leaves: 1 }, columnOf('price')],
  own: { density: 'dense', stripes: false, oneLine: true },
};
