import { choice, integer, text, yesNo } from '../settings/values.ts';
import { byWidth, setting, varying, type ReadSetting, type Shown } from '../settings/setting.ts';

const atSomeWidth = (read: ReadSetting, id: string, value: unknown) =>
  Object.values(read(id) as object).includes(value);

const withoutArrows = (read: ReadSetting) =>
  atSomeWidth(read, 'moving.arrows', true) ? null : 'There are no arrows';
const withoutMarker = (read: ReadSetting) =>
  Object.values(read('moving.marks') as object).some((one) => one !== 'none')
    ? null
    : 'There is no position marker';

/** A row that moves may have nothing to move. */
const stillIdle = ({ steps }: Shown) =>
  steps.length > 0 && steps.every(({ moves }) => !moves) ? 'All of it is in sight at once' : null;

/** How what moves is moved: by carousel, slider and spread alike. */
export const movingSettings = {
  /** Items a move. */
  step: varying(integer(1, 12), 1, {
    name: 'Items per move',
    find: ['step', 'move', 'slides'],
    idle: stillIdle,
  }),
  loop: setting(yesNo(), false, {
    name: 'Loop',
    find: ['loop', 'endless', 'round'],
    idle: stillIdle,
  }),
  arrows: varying(yesNo(), byWidth(false, { 560: true }), {
    name: 'Arrows',
    find: ['arrows', 'next', 'previous'],
    idle: stillIdle,
  }),
  arrowPlace: setting(choice({ over: 'Over', beside: 'Beside', above: 'Above', below: 'Below' }), 'over', {
    name: 'Arrow position',
    find: ['arrows', 'place', 'position'],
    offBecause: withoutArrows,
  }),
  /** px; a target is never smaller than can be pressed. */
  arrowSize: varying(integer(24, 96, 'px', { step: 4 }), 40, {
    name: 'Arrow size',
    find: ['arrows', 'size'],
    offBecause: withoutArrows,
  }),
  arrowShape: setting(choice({ round: 'Round', square: 'Square', bare: 'Bare' }), 'round', {
    name: 'Arrow shape',
    find: ['arrows', 'shape', 'round', 'square'],
    offBecause: withoutArrows,
  }),
  /** The sign that points forward; empty for the usual one. */
  arrowSign: setting(text(4, 'the usual sign'), '', {
    name: 'Arrow sign, pointing forward',
    find: ['arrows', 'sign', 'glyph', 'icon'],
    offBecause: withoutArrows,
  }),
  arrowLook: {
    /** How far in from the edge of the cards, px; less than 0 for outside. */
    offset: setting(integer(-60, 60, 'px', { step: 2 }), 8, {
      name: 'Arrow distance from the edge',
      find: ['arrows', 'offset', 'position'],
      offBecause: (read) =>
        withoutArrows(read) ??
        (read('moving.arrowPlace') === 'over' ? null : 'Arrows are not over the cards'),
    }),
  },
  /** What tells where one is. */
  marks: varying(
    choice({ none: 'None', dots: 'Dots', bar: 'Bar', count: 'Count' }),
    byWidth('dots', { 560: 'none' }),
    {
      name: 'Position marker',
      find: ['dots', 'bar', 'count', 'marker', 'position'],
      idle: stillIdle,
    },
  ),
  markLook: {
    shape: setting(choice({ round: 'Round', square: 'Square', line: 'Line' }), 'round', {
      name: 'Marker shape',
      find: ['dots', 'shape', 'square', 'line', 'marker'],
      offBecause: withoutMarker,
    }),
    /** px; a mark stands in a target of its own. */
    size: setting(integer(6, 20, 'px'), 9, {
      name: 'Marker size',
      find: ['dots', 'size', 'marker'],
      offBecause: (read) =>
        withoutMarker(read) ?? (read('moving.markLook.shape') === 'line' ? 'Lines have one size' : null),
    }),
  },
  play: setting(yesNo(), false, {
    name: 'Play automatically',
    find: ['play', 'automatic', 'by itself'],
    about: 'With a button to pause it.',
    idle: stillIdle,
  }),
  /** Rest between two moves, ms. */
  restMs: setting(integer(1_000, 30_000, 's', { step: 0.5, scale: 1_000 }), 5_000, {
    name: 'Time between moves',
    find: ['rest', 'time', 'seconds', 'speed'],
    offBecause: (read) => (read('moving.play') ? null : 'It does not play automatically'),
  }),
  /** Time of one move, ms. */
  moveMs: setting(integer(0, 2_000, 'ms', { step: 50 }), 350, {
    name: 'Time of a move',
    find: ['speed', 'time', 'fast', 'slow'],
  }),
  /** What comes next is moved in, or fades in in its place. */
  comes: setting(choice({ moves: 'Moves in', fades: 'Fades in' }), 'moves', {
    name: 'Transition',
    find: ['fade', 'transition', 'come in', 'slide'],
  }),
  swipe: setting(yesNo(), true, { name: 'Swipe', find: ['swipe', 'finger', 'touch'] }),
  drag: setting(yesNo(), true, { name: 'Mouse drag', find: ['drag', 'mouse'] }),
  /** Item it begins at, counted from 1. */
  start: setting(integer(1, 500), 1, { name: 'Starts at item', find: ['start', 'begin', 'first'] }),
};
