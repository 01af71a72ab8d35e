import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const manySmall: Arrangement = {
  id: 'manySmall',
  name: 'Many small',
  about: 'Three to six side by side, close together, square pictures and short titles.',
  settings: (bands) => ({
    layout: everywhere(bands, 'grid'),
    'columns.by': 'count',
    'columns.count': growing(bands, 3, 4, 5, 6),
    'gap.column': growing(bands, 8, 12),
    'gap.row': growing(bands, 12, 16),
    'amount.by': 'rows',
    'amount.rows': everywhere(bands, 3),
    'card.parts.picture.by': 'ratio',
    'card.parts.picture.ratio': everywhere(bands, '1:1'),
    'card.parts.title.lines': 1,
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 0),
    'card.frame': 'plain',
  }),
};
