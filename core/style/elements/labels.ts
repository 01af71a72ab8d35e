import { LABEL_TEXT } from '../../label/labelKind.ts';
import { labelKinds } from '../../label/labels/index.ts';
import { BOX_TAKES } from './button.ts';
import { showsPart } from './shown.ts';
import type { StyleElement } from '../element.ts';

/** Labels in words, on cards and on a product's page. Each kind has colours of its own where nothing is set. */
export const labelElement: StyleElement = {
  id: 'label',
  name: 'Labels',
  group: 'labels',
  on: 'shelf',
  items: ['products'],
  isUsed: (read) =>
    labelKinds.some(({ id }) => Object.values(read(`card.labels.${id}.shown`) ?? {}).includes(true)),
  selectors: ['.label:not(.pictured)'],
  ofCard: 'within',
  within: 'card',
  labelled: true,
  takes: [
    ...BOX_TAKES,
    'family',
    'size',
    'weight',
    'slope',
    'letterSpacing',
    'letterCase',
    'offsetAcross',
    'offsetDown',
    'opacity',
    'time',
  ],
  states: ['rest', 'cardHover'],
  atFirst: {
    borderWidth: 0,
    corners: 2,
    shadow: 'none',
    spaceAcross: LABEL_TEXT.box.acrossPx,
    spaceEnds: LABEL_TEXT.box.endsPx,
    size: LABEL_TEXT.fontPx,
    weight: LABEL_TEXT.weight,
    slope: 'upright',
    letterSpacing: 0,
    letterCase: 'none',
    offsetAcross: 0,
    offsetDown: 0,
    opacity: 100,
    time: 0,
  },
};

const hasSwatches = showsPart('swatches');

/** The faces of values: colours, pictures and photographs. */
export const swatchElement: StyleElement = {
  id: 'swatch',
  name: 'Swatches',
  group: 'labels',
  on: 'shelf',
  items: ['products'],
  isUsed: hasSwatches,
  selectors: ['.part-swatches .swatch'],
  current: ['.part-swatches [aria-current]>.swatch'],
  off: ['.part-swatches .off>.swatch'],
  ofCard: 'within',
  takes: ['borderWidth', 'borderKind', 'borderColour', 'shadow', 'opacity', 'time'],
  states: ['rest', 'cardHover', 'hover', 'current', 'off'],
  atFirst: { borderWidth: 1, shadow: 'none', opacity: 100, time: 0 },
};

/** What is written of values: their names, beside their faces or instead of them. */
export const swatchesElement: StyleElement = {
  id: 'swatches',
  name: 'Text of swatches',
  group: 'labels',
  on: 'shelf',
  items: ['products'],
  isUsed: hasSwatches,
  selectors: ['.part-swatches'],
  ofCard: 'within',
  within: 'card',
  takes: ['textColour', 'family', 'size', 'weight', 'slope', 'letterSpacing', 'letterCase', 'time'],
  states: ['rest', 'cardHover'],
  atFirst: {
    textColour: 'text',
    size: 13,
    weight: 400,
    slope: 'upright',
    letterSpacing: 0,
    letterCase: 'none',
    time: 0,
  },
};

/** Values that are shown by words. */
export const wordSwatchElement: StyleElement = {
  id: 'wordSwatch',
  name: 'Swatches in words',
  group: 'labels',
  on: 'shelf',
  items: ['products'],
  isUsed: hasSwatches,
  selectors: ['.part-swatches .worded'],
  current: ['.part-swatches .worded[aria-current]'],
  off: ['.part-swatches .worded.off'],
  ofCard: 'within',
  within: 'swatches',
  takes: ['textColour', 'background', 'borderColour', 'corners', 'shadow', 'lineOfText', 'time'],
  states: ['rest', 'cardHover', 'hover', 'focus', 'pressed', 'current', 'off'],
  atFirst: {
    textColour: 'text',
    borderColour: 'line',
    corners: 3,
    shadow: 'none',
    lineOfText: 'none',
    time: 0,
  },
};
