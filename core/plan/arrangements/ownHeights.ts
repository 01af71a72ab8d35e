import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const ownHeights: Arrangement = {
  id: 'ownHeights',
  name: 'Own heights',
  about: 'Masonry: every picture in its own proportions.',
  settings: (bands) => ({
    layout: everywhere(bands, 'masonry'),
    'columns.by': 'count',
    'columns.count': growing(bands, 2, 3, 4),
    'gap.column': growing(bands, 10, 16, 20),
    'gap.row': growing(bands, 16, 22, 28),
    'amount.by': 'items',
    'amount.items': everywhere(bands, 16),
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 0),
    'card.frame': 'plain',
  }),
};
