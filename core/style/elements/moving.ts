import type { ReadSetting } from '../../settings/setting.ts';
import type { ShelfDraws, StyleElement } from '../element.ts';

/** A row that moves, and has at some width what is set so. */
const ofMoving =
  (setting: string, wanted: unknown) =>
  (read: ReadSetting, { moves }: ShelfDraws) =>
    moves && Object.values(read(setting) ?? {}).includes(wanted);

/** What moves a row on and back, over or beside its cards. */
export const arrowElement: StyleElement = {
  id: 'arrow',
  name: 'Arrows',
  group: 'moving',
  on: 'shelf',
  isUsed: ofMoving('moving.arrows', true),
  selectors: ['.arrow'],
  off: ['.arrow[aria-disabled=true]'],
  ofCard: null,
  isSign: true,
  takes: [
    'textColour',
    'background',
    'borderWidth',
    'borderKind',
    'borderColour',
    'corners',
    'shadow',
    'opacity',
    'offsetAcross',
    'offsetDown',
    'time',
  ],
  states: ['rest', 'hover', 'focus', 'pressed', 'off'],
  atFirst: {
    textColour: 'text',
    background: 'ground',
    borderWidth: 0,
    opacity: 100,
    offsetAcross: 0,
    offsetDown: 0,
    time: 0,
  },
};

/** The dots of a row that moves, one for every place where it stops. */
export const markerDotElement: StyleElement = {
  id: 'markerDot',
  name: 'Position dots',
  group: 'moving',
  on: 'shelf',
  isUsed: ofMoving('moving.marks', 'dots'),
  selectors: ['.marks button'],
  current: ['.marks [aria-current=true]'],
  pseudo: '::before',
  ofCard: null,
  edge: ['borderColour', 'background'],
  takes: ['background', 'borderColour', 'corners', 'opacity', 'time'],
  states: ['rest', 'hover', 'focus', 'pressed', 'current'],
  atFirst: { borderColour: 'quiet', opacity: 100, time: 0 },
};

/** The bar that fills as a row moves on; what is filled is its current part. */
export const markerBarElement: StyleElement = {
  id: 'markerBar',
  name: 'Position bar',
  group: 'moving',
  on: 'shelf',
  isUsed: ofMoving('moving.marks', 'bar'),
  selectors: ['.marks .bar'],
  current: ['.marks .bar>i'],
  ofCard: null,
  takes: ['background', 'corners'],
  states: ['rest', 'current'],
  atFirst: { background: 'line', corners: 2 },
};

/** Which item of how many a row is at, in figures. */
export const markerElement: StyleElement = {
  id: 'marker',
  name: 'Position count',
  group: 'moving',
  on: 'shelf',
  isUsed: ofMoving('moving.marks', 'count'),
  selectors: ['.marks'],
  ofCard: null,
  takes: ['textColour', 'family', 'size', 'weight', 'slope', 'letterSpacing', 'lineOfText'],
  states: ['rest'],
  atFirst: {
    textColour: 'quiet',
    size: 14,
    weight: 400,
    slope: 'upright',
    letterSpacing: 0,
    lineOfText: 'none',
  },
};
