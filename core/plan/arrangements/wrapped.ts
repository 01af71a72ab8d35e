import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const wrapped: Arrangement = {
  id: 'wrapped',
  name: 'Wrapped cards',
  about: 'Each card on a sheet of its own with a shadow.',
  settings: (bands) => ({
    layout: everywhere(bands, 'grid'),
    'columns.by': 'width',
    'columns.smallest': growing(bands, 150, 200, 230),
    'gap.column': growing(bands, 12, 18, 22),
    'gap.row': growing(bands, 12, 18, 22),
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 0),
    'card.frame': 'shadowed',
    'card.inside': growing(bands, 8, 12),
  }),
};
