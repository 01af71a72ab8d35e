import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const fewAndLarge: Arrangement = {
  id: 'fewAndLarge',
  name: 'Few and large',
  about: 'One to three side by side with much room between them.',
  settings: (bands) => ({
    layout: everywhere(bands, 'grid'),
    'columns.by': 'count',
    'columns.count': growing(bands, 1, 2, 3),
    'gap.column': growing(bands, 20, 32, 44),
    'gap.row': growing(bands, 32, 44, 56),
    'amount.by': 'rows',
    'amount.rows': growing(bands, 3, 2, 1),
    'card.parts.picture.by': 'ratio',
    'card.parts.picture.ratio': everywhere(bands, '4:5'),
    'card.parts.title.lines': 3,
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 0),
    'card.frame': 'plain',
  }),
};
