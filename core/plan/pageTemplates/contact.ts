import { findUs } from '../readyBays/findUs.ts';
import { writeToUs } from '../readyBays/writeToUs.ts';
import { stacked, type PageTemplate } from './pageTemplate.ts';

export const contactTemplate: PageTemplate = {
  id: 'contact',
  name: 'Contact',
  about: 'when and where you can be reached, a form to write to you, and links',
  make: ({ id, bands }) =>
    stacked(
      {
        bay: {
          id: `${id}-words`,
          holds: 'words',
          body: [
            {
              type: 'paragraph',
              content: [
                {
                  type: 'text',
                  text: 'Say here who answers, how soon, and when you are there.',
                },
              ],
            },
          ],
        },
      },
      writeToUs.make(`${id}-write`, bands),
      findUs.make(`${id}-find`, bands),
    ),
};
