import { showsPart } from './shown.ts';
import type { StyleElement } from '../element.ts';

export const cardElement: StyleElement = {
  id: 'card',
  name: 'Card',
  group: 'cards',
  on: 'shelf',
  selectors: ['.cards>.card'],
  ofCard: 'card',
  takes: ['background', 'family', 'spaceInside', 'corners', 'shadow', 'lift', 'time'],
  states: ['rest', 'cardHover'],
  atFirst: { spaceInside: 0, corners: 0, shadow: 'none', lift: 0, time: 0 },
};

export const pictureElement: StyleElement = {
  id: 'picture',
  name: 'Picture',
  group: 'cards',
  on: 'shelf',
  selectors: ['.part-picture'],
  isUsed: showsPart('picture'),
  ofCard: 'within',
  takes: ['borderWidth', 'borderColour', 'shadow', 'tone', 'opacity', 'time'],
  states: ['rest', 'cardHover'],
  atFirst: { borderWidth: 0, shadow: 'none', tone: 'none', opacity: 100, time: 0 },
};
