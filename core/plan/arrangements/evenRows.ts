import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const evenRows: Arrangement = {
  id: 'evenRows',
  name: 'Even rows',
  about: 'Two to four side by side in two rows, upright pictures.',
  settings: (bands) => ({
    layout: everywhere(bands, 'grid'),
    'columns.by': 'count',
    'columns.count': growing(bands, 2, 3, 4),
    'gap.column': growing(bands, 12, 20, 24),
    'gap.row': growing(bands, 20, 28, 32),
    'amount.by': 'rows',
    'amount.rows': everywhere(bands, 2),
    'card.parts.picture.by': 'ratio',
    'card.parts.picture.ratio': everywhere(bands, '4:5'),
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 0),
    'card.frame': 'plain',
  }),
};
