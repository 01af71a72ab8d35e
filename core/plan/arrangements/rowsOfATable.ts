import { everywhere } from '../../bands/varying.ts';
import type { Arrangement } from './arrangement.ts';

export const rowsOfATable: Arrangement = {
  id: 'rowsOfATable',
  name: 'Table',
  about: 'One row to an item, its parts in columns that can be sorted by.',
  settings: (bands) => ({
    layout: everywhere(bands, 'table'),
    'amount.by': 'rows',
    'amount.rows': everywhere(bands, 12),
    'layoutOwn.table.density': everywhere(bands, 'normal'),
    'layoutOwn.table.lines': 'rows',
    'layoutOwn.table.stripes': true,
  }),
};
