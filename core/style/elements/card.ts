import { PART_GAP_PX } from '../../card/text.ts';
import { showsPart } from './shown.ts';
import type { StyleElement } from '../element.ts';

export const cardElement: StyleElement = {
  id: 'card',
  name: 'Card',
  group: 'cards',
  on: 'shelf',
  selectors: ['.cards>.card'],
  ofCard: 'card',
  takes: [
    'background',
    'family',
    'spaceInside',
    'borderWidth',
    'borderKind',
    'borderColour',
    'corners',
    'shadow',
    'lift',
    'time',
  ],
  states: ['rest', 'cardHover'],
  atFirst: { spaceInside: 0, borderWidth: 0, corners: 0, shadow: 'none', lift: 0, time: 0 },
};

export const pictureElement: StyleElement = {
  id: 'picture',
  name: 'Picture',
  group: 'cards',
  on: 'shelf',
  selectors: ['.part-picture'],
  isUsed: showsPart('picture'),
  ofCard: 'within',
  takes: ['borderWidth', 'borderKind', 'borderColour', 'shadow', 'tone', 'opacity', 'time'],
  states: ['rest', 'cardHover'],
  atFirst: { borderWidth: 0, shadow: 'none', tone: 'none', opacity: 100, time: 0 },
};

/** The texts of a card, all together. */
export const textBlockElement: StyleElement = {
  id: 'textBlock',
  name: 'Text of cards, all together',
  group: 'cards',
  on: 'shelf',
  selectors: ['.card>.texts:not(.lead):not(:empty)'],
  ofCard: 'within',
  takes: [
    'background',
    'spaceInside',
    'spaceBetween',
    'spaceToPicture',
    'borderWidth',
    'borderKind',
    'borderColour',
    'corners',
    'shadow',
    'time',
  ],
  states: ['rest', 'cardHover'],
  atFirst: { spaceBetween: PART_GAP_PX, borderWidth: 0, corners: 0, shadow: 'none', time: 0 },
};
