import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const wordsOnPictures: Arrangement = {
  id: 'wordsOnPictures',
  name: 'Words on pictures',
  about: 'Large pictures with the words on the lower part of them.',
  settings: (bands) => ({
    layout: everywhere(bands, 'grid'),
    'columns.by': 'count',
    'columns.count': growing(bands, 1, 2, 3),
    'gap.column': growing(bands, 10, 14),
    'gap.row': growing(bands, 10, 14),
    'amount.by': 'rows',
    'amount.rows': growing(bands, 3, 2),
    'card.parts.picture.by': 'ratio',
    'card.parts.picture.ratio': everywhere(bands, '4:5'),
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 30),
    'card.text.background': 'dark',
    'card.frame': 'plain',
  }),
};
