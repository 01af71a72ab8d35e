import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const largeAndSmall: Arrangement = {
  id: 'largeAndSmall',
  name: 'Large and small blocks',
  about: 'A mosaic: one large block with small ones beside it, words on the pictures.',
  settings: (bands) => ({
    layout: everywhere(bands, 'mosaic'),
    'columns.by': 'count',
    'columns.count': growing(bands, 2, 3, 4),
    'gap.column': growing(bands, 8, 12),
    'gap.row': growing(bands, 8, 12),
    'amount.by': 'items',
    'amount.items': growing(bands, 6, 6, 5),
    'card.parts.picture.by': 'ratio',
    'card.parts.picture.ratio': everywhere(bands, '1:1'),
    'card.text.when': 'always',
  }),
};
