import { partKinds } from '../../card/parts/index.ts';
import { labelKinds } from '../../label/label.ts';
import { counted, listed } from '../../sentence/sentence.ts';
import { assortmentSettings } from './assortment.ts';
import type { FormId } from '../../forms/formKind.ts';
import { formKind, formKinds } from '../../forms/index.ts';
import type { Paging } from '../shelf.ts';
import { settings, type Given, type Setting } from './setting.ts';

const px = (value: unknown) => `${String(value)} px`;

const alignWords: Record<string, string> = {
  start: 'at the start',
  center: 'in the middle',
  end: 'at the end',
};

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

const form = settings('shelf', 'form', [
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

const across = settings('shelf', 'across', [
  {
    id: 'amount.by',
    name: 'Counted in',
    find: ['rows', 'items', 'number'],
    say: (v) => `counted in ${String(v)}`,
  },
  {
    id: 'amount.rows',
    name: 'Rows',
    find: ['rows', 'page size', 'how many'],
    varies: true,
    say: (v) => counted(Number(v), 'row'),
  },
  {
    id: 'amount.items',
    name: 'Items',
    find: ['items', 'page size', 'how many', 'number'],
    varies: true,
    say: (v) => counted(Number(v), 'item'),
  },
  {
    id: 'across.by',
    name: 'Across by',
    find: ['columns', 'smallest'],
    say: (v) => (v === 'width' ? 'as many across as fit' : 'a set number across'),
  },
  {
    id: 'across.count',
    name: 'Across',
    find: ['columns', 'side by side', 'per row'],
    varies: true,
    say: (v) => `${String(v)} across`,
  },
  {
    id: 'across.smallest',
    name: 'Smallest card',
    find: ['smallest', 'width of card', 'minimum'],
    varies: true,
    say: (v) => `cards at least ${px(v)} wide`,
  },
  {
    id: 'visible',
    name: 'In sight at once',
    find: ['visible', 'in sight', 'slides', 'edge'],
    varies: true,
    say: (v) => `${String(v)} in sight`,
  },
  {
    id: 'spread.items',
    name: 'Items of a page',
    find: ['spread', 'page', 'book'],
    varies: true,
    say: (v) => `${counted(Number(v), 'item')} to a page of the spread`,
  },
  {
    id: 'spread.facing',
    name: 'Facing pages',
    find: ['spread', 'facing', 'book'],
    varies: true,
    say: (v) => (v ? 'two pages facing' : 'one page at a time'),
  },
  {
    id: 'gap.column',
    name: 'Gap between columns',
    find: ['gap', 'gutter', 'space'],
    varies: true,
    say: (v) => `${px(v)} between columns`,
  },
  {
    id: 'gap.row',
    name: 'Gap between rows',
    find: ['gap', 'gutter', 'space'],
    varies: true,
    say: (v) => `${px(v)} between rows`,
  },
]);

const card = settings('shelf', 'card', [
  {
    id: 'card.shown',
    name: 'Parts that are shown',
    group: true,
    find: ['parts'],
    say: () => 'other parts shown',
  },
  {
    id: 'card.order',
    name: 'Order of the parts',
    find: ['order', 'parts', 'above', 'under'],
    say: (v) =>
      listed((v as string[]).map((id) => partKinds.find((kind) => kind.id === id)?.name.toLowerCase() ?? id)),
  },
  ...[...partKinds, ...labelKinds].map((kind): Given => ({
    id: `card.shown.${kind.id}`,
    name: kind.name,
    of: 'of' in kind ? kind.of : ['products'],
    find: [...kind.find, 'show', 'hide'],
    varies: true,
    say: (v: unknown) => `${kind.name.toLowerCase()} ${v ? 'shown' : 'not shown'}`,
  })),
  {
    id: 'card.picture.by',
    name: 'Picture height by',
    find: ['height', 'ratio', 'picture'],
    say: (v) =>
      v === 'height'
        ? 'pictures of a set height'
        : v === 'screen'
          ? 'pictures as high as the screen says'
          : 'pictures in proportion',
  },
  {
    id: 'card.picture.screen',
    name: 'Picture, share of the screen',
    find: ['height', 'picture', 'screen'],
    varies: true,
    say: (v) => `pictures ${String(v)} % of the screen high`,
  },
  {
    id: 'card.picture.height',
    name: 'Picture height',
    find: ['height', 'picture'],
    varies: true,
    say: (v) => `pictures ${px(v)} high`,
  },
  {
    id: 'card.picture.ratio',
    name: 'Picture proportions',
    find: ['ratio', 'picture', 'shape', 'height'],
    varies: true,
    say: (v) => `picture ${String(v)}`,
  },
  {
    id: 'card.picture.fit',
    name: 'Whole picture or filled',
    find: ['fill', 'whole', 'crop', 'fit'],
    say: (v) => (v === 'whole' ? 'pictures shown whole' : 'pictures filling their frame'),
  },
  {
    id: 'card.titleLines',
    name: 'Lines of the title',
    find: ['lines', 'title', 'long'],
    say: (v) => `title up to ${counted(Number(v), 'line')}`,
  },
  {
    id: 'card.align',
    name: 'Alignment',
    find: ['align', 'left', 'centre', 'right'],
    say: (v) => `text ${alignWords[String(v)]}`,
  },
  {
    id: 'card.text.side',
    name: 'Side of the picture that text stands at',
    find: ['text', 'side', 'beside', 'under', 'above', 'over'],
    varies: true,
    say: (v) => `text ${String(v)} the picture`,
  },
  {
    id: 'card.text.share',
    name: 'Width of text at a side',
    find: ['text', 'width', 'share', 'beside'],
    varies: true,
    say: (v) => `text ${String(v)} % of the card wide`,
  },
  {
    id: 'card.text.reach',
    name: 'How far text reaches over the picture',
    find: ['text', 'over', 'overlay', 'reach'],
    varies: true,
    say: (v) => (v ? `text over ${String(v)} % of the picture` : 'text not over the picture'),
  },
  {
    id: 'card.text.ground',
    name: 'Under text on a picture',
    find: ['text', 'overlay', 'ground', 'shade'],
    say: (v) =>
      ({ none: 'nothing', light: 'a light ground', dark: 'a dark ground' })[String(v)]! +
      ' under text on a picture',
  },
  {
    id: 'card.text.when',
    name: 'When text on a picture is there',
    find: ['text', 'hover', 'pointed', 'always'],
    say: (v) => (v === 'pointed' ? 'text there when pointed at' : 'text always there'),
  },
  {
    id: 'card.text.comes',
    name: 'How text comes in',
    find: ['text', 'fade', 'rise', 'hover', 'come in'],
    say: (v) =>
      ({ atOnce: 'text there at once', fades: 'text fading in', rises: 'text rising in' })[String(v)]!,
  },
  {
    id: 'card.frame',
    name: 'Cards framed or plain',
    find: ['frame', 'border', 'shadow', 'plain', 'wrapped'],
    say: (v) => `${String(v)} cards`,
  },
  {
    id: 'card.inside',
    name: 'Space within the frame',
    find: ['frame', 'inside', 'padding', 'space'],
    varies: true,
    say: (v) => `${px(v)} within the frame`,
  },
]);

const shows = settings('shelf', 'shows', [
  {
    id: 'assortmentId',
    name: 'Saved assortment',
    find: ['saved', 'assortment', 'shared'],
    say: (v, names) =>
      v === null
        ? 'an assortment of its own'
        : `the assortment "${names.assortment(v as string) ?? 'that is gone'}"`,
  },
  ...assortmentSettings,
  {
    id: 'notTwice',
    name: 'Not twice on a page',
    find: ['twice', 'same', 'above', 'repeat'],
    say: (v) => (v ? 'without what stands above it' : 'with what stands above it too'),
  },
]);

export const shelfSettings: readonly Setting[] = [
  ...shows,
  ...form,
  ...across,
  ...card,
  ...settings('shelf', 'shows', [
    { id: 'name', name: 'Name in your list', find: ['name'], say: (v) => `named "${String(v)}"` },
  ]),
];
