import { mainCategories } from '../readyBays/mainCategories.ts';
import { newestFirst } from '../readyBays/newestFirst.ts';
import { reducedNow } from '../readyBays/reducedNow.ts';
import { stacked, type PageTemplate } from './pageTemplate.ts';

export const goodsFirstTemplate: PageTemplate = {
  id: 'goodsFirst',
  name: 'Goods first',
  about: 'what is new, what is reduced, and the main categories',
  make: ({ id, bands }) =>
    stacked(
      newestFirst.make(`${id}-new`, bands),
      reducedNow.make(`${id}-reduced`, bands),
      mainCategories.make(`${id}-categories`, bands),
    ),
};
