import type { ReadyBay } from './readyBay.ts';

export const whatItIsAbout: ReadyBay = {
  id: 'whatItIsAbout',
  heading: 'Page header',
  about: 'The name of what the page is about, with its description and its picture.',
  group: 'texts',
  on: ['category', 'collection', 'entry', 'shop', 'journal', 'own'],
  make: (id) => ({ bay: { id, holds: 'banner', says: 'page' }, shelves: [] }),
};
