import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const pagesToTurn: Arrangement = {
  id: 'pagesToTurn',
  name: 'Pages to turn',
  about: 'A spread: pages of a few items, two facing where there is room.',
  settings: (bands) => ({
    layout: everywhere(bands, 'spread'),
    'layoutOwn.spread.items': growing(bands, 2, 4),
    'layoutOwn.spread.facing': growing(bands, false, false, true),
    'amount.by': 'items',
    'amount.items': everywhere(bands, 16),
    'moving.arrows': everywhere(bands, true),
    'moving.marks': everywhere(bands, 'count'),
    'paging.by': 'none',
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 0),
    'card.frame': 'plain',
  }),
};
