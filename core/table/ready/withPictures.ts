import { OFS } from '../../assortment/of.ts';
import { columnOf } from '../tableColumn.ts';
import type { ReadyTable } from './readyTable.ts';

export const withPictures: ReadyTable = {
  id: 'with-pictures',
  name: 'With large pictures',
  about: 'Large pictures and some words about each.',
  of: OFS,
  columns: [
    { ...columnOf('picture'), least: 140 },
    columnOf('title'),
    { ...columnOf('description'), leaves: 1 },
    { ...columnOf('price') },
  ],
  own: { picture: 112, density: 'roomy', stripes: false },
};
