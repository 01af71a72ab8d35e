import type { FormId } from '../../forms/formKind.ts';
import { formKind, formKinds } from '../../forms/index.ts';
import type { Paging } from '../shelf.ts';
import { alignWords, px } from './sayings.ts';
import { settings } from './setting.ts';

export const pagingWords: Record<Paging['by'], string> = {
  none: 'without pages',
  numbered: 'in numbered pages',
  more: 'with a button for more',
  onReach: 'with more on reaching the end',
};

export const marksWords = {
  none: 'without dots',
  dots: 'with dots',
  bar: 'with a bar',
  count: 'with a count',
} as const;

const lastRowWords: Record<string, string> = {
  leave: 'leaves a short last row',
  drop: 'drops a short last row',
  fill: 'fills a short last row from the fallback',
};

const onOff = (words: string) => (v: unknown) => (v ? `with ${words}` : `without ${words}`);
const colourWords = (v: unknown) => (v === null ? 'in the usual colour' : String(v));
const seconds = (v: unknown) => `${Number(v) / 1000} s`;

/** Settings of a shelf on the line Form. */
export const formSettings = settings('shelf', 'form', [
  {
    id: 'form',
    name: 'Form',
    find: formKinds.flatMap((kind) => [kind.id, ...kind.find]),
    varies: true,
    say: (v) => `a ${formKind(v as FormId).name.toLowerCase()}`,
  },
  {
    id: 'paging.by',
    name: 'Pages',
    find: ['pages', 'paging', 'numbered', 'more', 'scroll', 'endless'],
    say: (v) => pagingWords[v as Paging['by']],
  },
  {
    id: 'paging.words',
    name: 'Words of the button for more',
    find: ['more', 'button', 'load'],
    say: (v) => `button for more says "${String(v)}"`,
  },
  {
    id: 'paging.link',
    name: 'Where the button for more leads',
    find: ['more', 'link', 'leads'],
    say: (v) => (v ? `button for more leads to ${String(v)}` : 'button for more brings them here'),
  },
  {
    id: 'lastRow',
    name: 'A short last row',
    find: ['last row', 'remainder', 'drop', 'fill'],
    varies: true,
    say: (v) => lastRowWords[String(v)]!,
  },
  {
    id: 'lastRowAlign',
    name: 'Where a short last row stands',
    find: ['last row', 'align', 'centre'],
    varies: true,
    say: (v) => `short last row ${alignWords[String(v)]}`,
  },
  {
    id: 'equalHeights',
    name: 'Equal heights',
    find: ['equal', 'height', 'even'],
    varies: true,
    say: (v) => (v ? 'cards of equal height' : 'cards as high as they come'),
  },
  {
    id: 'direction',
    name: 'Reading direction',
    find: ['right to left', 'rtl', 'direction', 'mirrored'],
    say: (v) =>
      v === 'page'
        ? 'read as the page is'
        : v === 'rtl'
          ? 'read from right to left'
          : 'read from left to right',
  },
  {
    id: 'slideBy',
    name: 'Height of a slide by',
    find: ['slide', 'height', 'screen'],
    say: (v) => (v === 'screen' ? 'slides as high as the screen says' : 'slides in proportion'),
  },
  {
    id: 'slideScreen',
    name: 'Slide, share of the screen',
    find: ['slide', 'height', 'screen'],
    varies: true,
    say: (v) => `slides ${String(v)} % of the screen high`,
  },
  {
    id: 'slideRatio',
    name: 'Proportions of a slide',
    find: ['slide', 'ratio', 'height'],
    varies: true,
    say: (v) => `slides of ${String(v)}`,
  },
  {
    id: 'listPicture',
    name: "Picture of a list's line",
    find: ['list', 'picture', 'width'],
    varies: true,
    say: (v) => `pictures of the list ${px(v)} wide`,
  },
  {
    id: 'moving.step',
    name: 'Items a move',
    find: ['step', 'move', 'slides'],
    varies: true,
    say: (v) => `moves by ${String(v)}`,
  },
  {
    id: 'moving.arrows',
    name: 'Arrows',
    find: ['arrows', 'next', 'previous'],
    varies: true,
    say: onOff('arrows'),
  },
  {
    id: 'moving.arrowPlace',
    name: 'Where arrows stand',
    find: ['arrows', 'place', 'position'],
    say: (v) => `arrows ${v === 'over' ? 'over' : String(v)} the cards`,
  },
  {
    id: 'moving.arrowSize',
    name: 'Size of arrows',
    find: ['arrows', 'size'],
    varies: true,
    say: (v) => `arrows of ${px(v)}`,
  },
  {
    id: 'moving.arrowShape',
    name: 'Shape of arrows',
    find: ['arrows', 'shape', 'round', 'square'],
    say: (v) => `${String(v)} arrows`,
  },
  {
    id: 'moving.arrowSign',
    name: 'Sign of arrows',
    find: ['arrows', 'sign', 'glyph', 'icon'],
    say: (v) => (v ? `arrows marked "${String(v)}"` : 'arrows with the usual sign'),
  },
  {
    id: 'moving.marks',
    name: 'Dots, bar or count',
    find: ['dots', 'bar', 'count', 'marks', 'position'],
    varies: true,
    say: (v) => marksWords[v as keyof typeof marksWords],
  },
  {
    id: 'moving.play',
    name: 'Moves by itself',
    find: ['play', 'by itself', 'automatic'],
    say: (v) => (v ? 'moves by itself' : 'stands still until it is moved'),
  },
  {
    id: 'moving.restMs',
    name: 'Rest between moves',
    find: ['rest', 'time', 'seconds', 'speed'],
    say: (v) => `rests ${seconds(v)}`,
  },
  {
    id: 'moving.moveMs',
    name: 'Time of a move',
    find: ['speed', 'time', 'fast', 'slow'],
    say: (v) => `a move takes ${seconds(v)}`,
  },
  {
    id: 'moving.loop',
    name: 'Goes round',
    find: ['loop', 'endless', 'round'],
    say: (v) => (v ? 'goes round without an end' : 'stops at its ends'),
  },
  {
    id: 'moving.comes',
    name: 'How the next comes',
    find: ['fade', 'transition', 'come in', 'slide'],
    say: (v) => (v === 'fades' ? 'what comes next fades in' : 'what comes next moves in'),
  },
  {
    id: 'moving.arrowLook.ink',
    name: 'Colour of arrows',
    find: ['arrows', 'colour'],
    say: (v) => `arrows ${colourWords(v)}`,
  },
  {
    id: 'moving.arrowLook.ground',
    name: 'Ground of arrows',
    find: ['arrows', 'background', 'colour'],
    say: (v) => `ground of arrows ${colourWords(v)}`,
  },
  {
    id: 'moving.arrowLook.edge',
    name: 'Line around arrows',
    find: ['arrows', 'border', 'edge', 'outline'],
    say: (v) => (v ? 'arrows with a line around them' : 'arrows without a line around them'),
  },
  {
    id: 'moving.arrowLook.offset',
    name: 'How far in arrows stand',
    find: ['arrows', 'offset', 'position'],
    say: (v) => `arrows ${px(v)} in from the edge`,
  },
  {
    id: 'moving.markLook.ink',
    name: 'Colour of dots',
    find: ['dots', 'bar', 'colour'],
    say: (v) => `dots ${colourWords(v)}`,
  },
  {
    id: 'moving.markLook.current',
    name: 'Colour of the current dot',
    find: ['dots', 'bar', 'current', 'colour'],
    say: (v) => `current dot ${colourWords(v)}`,
  },
  {
    id: 'moving.markLook.size',
    name: 'Size of dots',
    find: ['dots', 'size'],
    say: (v) => `dots of ${px(v)}`,
  },
  {
    id: 'moving.markLook.shape',
    name: 'Shape of dots',
    find: ['dots', 'shape', 'square', 'line'],
    say: (v) => `${v === 'line' ? 'lines' : `${String(v)} dots`}`,
  },
  {
    id: 'moving.swipe',
    name: 'Moved by finger',
    find: ['swipe', 'finger', 'touch'],
    say: (v) => (v ? 'moved by finger' : 'not moved by finger'),
  },
  {
    id: 'moving.drag',
    name: 'Dragged by mouse',
    find: ['drag', 'mouse'],
    say: (v) => (v ? 'dragged by mouse' : 'not dragged by mouse'),
  },
  {
    id: 'moving.start',
    name: 'Begins at',
    find: ['start', 'begin', 'first'],
    say: (v) => `begins at item ${String(v)}`,
  },
]);
