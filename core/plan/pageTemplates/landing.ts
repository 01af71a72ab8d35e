import { mainCategories } from '../readyBays/mainCategories.ts';
import { newestFirst } from '../readyBays/newestFirst.ts';
import { stacked, type PageTemplate } from './pageTemplate.ts';

export const landingTemplate: PageTemplate = {
  id: 'landing',
  name: 'Landing',
  about: 'a banner, what is new, a picture with text, and the main categories',
  make: ({ id, name, bands }) =>
    stacked(
      { bay: { id: `${id}-banner`, holds: 'banner', title: name, button: 'See everything', link: '/shop' } },
      newestFirst.make(`${id}-new`, bands),
      {
        bay: {
          id: `${id}-words`,
          holds: 'pictureText',
          columns: [
            {
              id: 'column-1',
              title: 'What this is about',
              words: 'Say why it is worth a look, and where to go on.',
              button: 'See more',
              link: '/shop',
            },
          ],
        },
      },
      mainCategories.make(`${id}-categories`, bands),
    ),
};
