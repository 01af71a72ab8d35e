import type { PageTemplate } from './pageTemplate.ts';

export const emptyTemplate: PageTemplate = {
  id: 'empty',
  name: 'Empty',
  about: 'nothing yet',
  make: () => ({ bays: [], shelves: [] }),
};
