import { columnOf } from '../tableColumn.ts';
import type { ReadyTable } from './readyTable.ts';

export const toCompare: ReadyTable = {
  id: 'to-compare',
  name: 'To compare',
  about: 'Rating, stock and price side by side, with lines between them, to be sorted by any.',
  of: ['products'],
  columns: [
    columnOf('picture'),
    columnOf('title'),
    { ...columnOf('rating'), leaves: 2 },
    { ...columnOf('stock'), leaves: 1 },
    columnOf('price'),
    { ...columnOf('details'), leaves: 3 },
  ],
  own: { lines: 'all', stripes: false },
};
