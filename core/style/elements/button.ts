import { BUTTON_PADDING_PX, BUTTON_TEXT } from '../../card/button.ts';
import { partKinds } from '../../card/parts/index.ts';
import { showsPart } from './shown.ts';
import type { StyleElement } from '../element.ts';
import type { PropertyId } from '../properties/index.ts';

/** What everything takes that is text in a box. */
export const BOX_TAKES: readonly PropertyId[] = [
  'textColour',
  'background',
  'borderWidth',
  'borderKind',
  'borderColour',
  'corners',
  'shadow',
  'spaceAcross',
  'spaceEnds',
];

/** What every button takes. */
export const BUTTON_TAKES: readonly PropertyId[] = [
  ...BOX_TAKES,
  'family',
  'size',
  'weight',
  'slope',
  'letterSpacing',
  'letterCase',
  'lineOfText',
  'offsetAcross',
  'offsetDown',
  'lift',
  'time',
];

/** All buttons on cards; each takes from it what is not set of itself. */
export const buttonElement: StyleElement = {
  id: 'button',
  name: 'All buttons on cards',
  group: 'buttons',
  on: 'shelf',
  selectors: ['.act'],
  isUsed: showsPart(...partKinds.flatMap(({ id, buttonLines }) => (buttonLines ? id : []))),
  ofCard: 'within',
  within: 'card',
  takes: BUTTON_TAKES,
  states: ['rest', 'cardHover', 'hover', 'focus', 'pressed'],
  atFirst: {
    textColour: 'onAccent',
    background: 'accent',
    borderWidth: 1,
    borderColour: 'accent',
    corners: 3,
    shadow: 'none',
    spaceAcross: BUTTON_PADDING_PX.across,
    spaceEnds: BUTTON_PADDING_PX.ends,
    size: BUTTON_TEXT.fontPx,
    weight: BUTTON_TEXT.weight,
    slope: 'upright',
    letterSpacing: 0,
    letterCase: 'none',
    lineOfText: 'none',
    lift: 0,
    offsetAcross: 0,
    offsetDown: 0,
    time: 0,
  },
  // One that leads somewhere stands back.
  otherForm: { textColour: 'text', background: 'ground', borderColour: 'line' },
};

/** The buttons of pages: of banners, forms, the basket and the checkout. */
export const pageButtonElement: StyleElement = {
  id: 'pageButton',
  name: 'Buttons of pages',
  group: 'buttons',
  on: 'house',
  selectors: ['.button'],
  ofCard: null,
  takes: BUTTON_TAKES,
  states: ['rest', 'hover', 'focus', 'pressed'],
  atFirst: {
    textColour: 'onAccent',
    background: 'accent',
    borderWidth: 0,
    corners: 3,
    shadow: 'none',
    spaceAcross: 11,
    spaceEnds: 20,
    size: 16,
    weight: 400,
    slope: 'upright',
    letterSpacing: 0,
    letterCase: 'none',
    lineOfText: 'none',
    lift: 0,
    offsetAcross: 0,
    offsetDown: 0,
    time: 0,
  },
};
