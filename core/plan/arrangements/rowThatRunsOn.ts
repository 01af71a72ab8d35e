import { everywhere } from '../../bands/varying.ts';
import { growing, type Arrangement } from './arrangement.ts';

export const rowThatRunsOn: Arrangement = {
  id: 'rowThatRunsOn',
  name: 'A row that runs on',
  about: 'One row that is moved, the edge of the next in sight.',
  settings: (bands) => ({
    layout: everywhere(bands, 'carousel'),
    'layoutOwn.carousel.visible': growing(bands, 1.4, 2.5, 4.2),
    'gap.column': growing(bands, 12, 18, 22),
    'amount.by': 'items',
    'amount.items': everywhere(bands, 12),
    'moving.arrows': growing(bands, false, true),
    'moving.marks': growing(bands, 'dots', 'none'),
    'paging.by': 'none',
    'card.text.side': everywhere(bands, 'under'),
    'card.text.reach': everywhere(bands, 0),
    'card.frame': 'plain',
  }),
};
