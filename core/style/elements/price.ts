import { showsPart } from './shown.ts';
import type { StyleElement } from '../element.ts';

/** What a product costs now that it is reduced. */
export const reducedPriceElement: StyleElement = {
  id: 'reducedPrice',
  name: 'Reduced price',
  group: 'texts',
  on: 'shelf',
  items: ['products'],
  isUsed: showsPart('price'),
  selectors: ['.part-price .reduced'],
  ofCard: 'within',
  prominentIn: 'price',
  takes: ['textColour', 'background', 'size', 'weight', 'lineOfText', 'time'],
  states: ['rest', 'cardHover'],
  atFirst: { textColour: 'reduced', weight: 560, lineOfText: 'none', time: 0 },
};

/** What a reduced product cost before. */
export const previousPriceElement: StyleElement = {
  id: 'previousPrice',
  name: 'Previous price',
  group: 'texts',
  on: 'shelf',
  items: ['products'],
  isUsed: showsPart('price'),
  selectors: ['.part-price .before'],
  ofCard: 'within',
  takes: ['textColour', 'lineOfText', 'opacity', 'time'],
  states: ['rest', 'cardHover'],
  atFirst: { textColour: 'quiet', lineOfText: 'through', opacity: 100, time: 0 },
};
