import { lookLine } from '../spec/look.ts';
import { visibilityLine } from '../spec/visibility.ts';
import { withoutShelves } from './withoutShelves.ts';

/** What the bays of a shopper's own pages have in common: no settings of their own, and one page that they belong to. */
export const shopperBay = {
  settings: {},
  defaults: { 'look.above': 24, 'look.below': 24 },
  hasHeading: false,
  spec: [lookLine, visibilityLine],
  addable: false,
  ...withoutShelves,
  pictures: () => [],
  tones: () => [],
  css: () => '',
};
