import { FIRST_FAMILY } from '../../text/families/index.ts';
import type { StyleElement } from '../element.ts';

/** Everything on a page, whose type all else has where it sets none. */
export const pageElement: StyleElement = {
  id: 'page',
  name: 'All text',
  group: 'pages',
  on: 'house',
  selectors: ['.region'],
  ofCard: null,
  takes: ['family'],
  states: ['rest'],
  atFirst: { family: FIRST_FAMILY.id },
};
