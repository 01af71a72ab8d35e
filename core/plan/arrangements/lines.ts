import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const lines: Arrangement = {
  id: 'lines',
  name: 'Lines',
  about: 'One to a line, the picture before the words.',
  settings: (bands) => ({
    layout: everywhere(bands, 'list'),
    'layoutOwn.list.picture': growing(bands, 110, 160),
    'gap.row': growing(bands, 16, 24),
    'amount.by': 'rows',
    'amount.rows': everywhere(bands, 6),
    'card.parts.picture.by': 'ratio',
    'card.parts.picture.ratio': everywhere(bands, '1:1'),
    'card.text.side': everywhere(bands, 'after'),
    'card.frame': 'plain',
  }),
};
