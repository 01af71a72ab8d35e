import { bandEnd } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { counted } from '../sentence/sentence.ts';
import { integer, yesNo } from '../settings/values.ts';
import { byWidth, varying } from '../settings/setting.ts';
import type { StepView } from '../view/view.ts';
import type { Box, LayoutKind } from './layoutKind.ts';
import { sayMotion } from './sayFacts.ts';

/** Room between facing pages, and between openings, px. */
export const FOLD_PX = 48;

/** Columns and rows of one page of `k` items, as near to a square as it goes. */
export function pageGrid(k: number): { columns: number; rows: number } {
  const columns = Math.max(1, Math.floor(Math.sqrt(k)));
  return { columns, rows: Math.ceil(k / columns) };
}

/** Pages and openings of a spread of n items (calculations §5). */
export function openingsOf(n: number, k: number, facing: boolean): { pages: number; openings: number } {
  const pages = Math.ceil(n / k);
  return { pages, openings: facing ? Math.ceil(pages / 2) : pages };
}

/** Place of an item: its page, and column and row on it. */
function placeOn(i: number, k: number): { page: number; column: number; row: number } {
  const { columns } = pageGrid(k);
  const on = i % k;
  return { page: Math.floor(i / k), column: on % columns, row: Math.floor(on / columns) };
}

const itemPx = (pagePx: number, columns: number, gapPx: number) =>
  Math.max(0, (pagePx - gapPx * (columns - 1)) / columns);

/** The fold is a track of its own between two gaps. */
const foldPx = (gapPx: number) => Math.max(FOLD_PX, 2 * gapPx);

/** Width of one page, px. */
const pagePx = (innerPx: number, facing: boolean, gapPx: number) =>
  facing ? (innerPx - foldPx(gapPx)) / 2 : innerPx;

export const spreadSettings = {
  columns: {
    /** Two pages face each other. */
    facing: varying(yesNo(), byWidth(false, { 880: true }), {
      name: 'Facing pages',
      find: ['spread', 'facing', 'book'],
    }),
    items: varying(integer(1, 12), byWidth(2, { 560: 4 }), {
      name: 'Items per page of a spread',
      find: ['spread', 'page', 'book'],
    }),
  },
};

const ownAt = (step: StepView) => step.own as { items: number; facing: boolean };

export const spread: LayoutKind = {
  id: 'spread',
  name: 'Spread',
  find: ['spread', 'book', 'pages', 'facing'],
  said: 'spread of pages that are turned',
  about: 'Pages of a few items each, two facing where there is room, that are turned.',
  settings: spreadSettings,
  inRows: false,
  moves: true,
  uses: ['gap.column', 'gap.row', 'moving', 'card.text', 'card.frame', 'card.inside'],
  ranges: (shelf, band, _, bands) => {
    const items = valueAt(shelf.layoutOwn.spread.items, bands, band.id);
    const facing = valueAt(shelf.layoutOwn.spread.facing, bands, band.id);
    return [{ from: band.from, to: bandEnd(bands, band.id), across: items * (facing ? 2 : 1) }];
  },
  rows: (count, across) => ({ rows: count ? 1 : 0, last: Math.min(count, across), full: true }),
  cardPx: (step, innerPx) => {
    const { items, facing } = ownAt(step);
    const { column } = step.gap;
    return itemPx(pagePx(innerPx, facing, column), pageGrid(items).columns, column);
  },
  moveBy: (_, across) => across,
  sayFacts: sayMotion,
  sayColumns: ({ layoutOwn }, sayAt) => ({
    text: `${sayAt(layoutOwn.spread.items, (items) => counted(items, 'item'))} to a page`,
    opens: 'layoutOwn.spread.items',
  }),
  turns: true,
  boxes({ step, innerPx, count, heightOf }) {
    const { items, facing } = ownAt(step);
    const gap = step.gap.column;
    const { columns, rows } = pageGrid(items);
    const page = pagePx(innerPx, facing, gap);
    const width = itemPx(page, columns, gap);
    // Rows run through all pages, so each is as high as its highest card on any page.
    const heights = Array.from({ length: rows }, () => 0);
    for (let i = 0; i < count; i += 1) {
      const { row } = placeOn(i, items);
      heights[row] = Math.max(heights[row]!, heightOf(i, width));
    }
    return Array.from({ length: count }, (_, i): Box => {
      const { page: on, column, row } = placeOn(i, items);
      const y = heights.slice(0, row).reduce((above, height) => above + height + step.gap.row, 0);
      return {
        x: on * (page + foldPx(gap)) + column * (width + gap),
        y,
        width,
        height: heights[row]!,
      };
    });
  },
  css: (scope, step) => {
    const { gap, moves } = step;
    const { items, facing } = ownAt(step);
    const { columns, rows } = pageGrid(items);
    const window = `${scope}>.window`;
    const fold = foldPx(gap.column);
    const width = `calc(((100% - ${facing ? fold : 0}px)/${facing ? 2 : 1} - ${(columns - 1) * gap.column}px)/${columns})`;
    const tracks = [...Array.from({ length: columns }, () => width), `${fold - 2 * gap.column}px`].join(' ');
    return (
      `${window}>.cards{grid-auto-flow:column;grid-template-columns:none;grid-template-rows:repeat(${rows},auto);grid-auto-columns:${tracks};gap:${gap.row}px ${gap.column}px}` +
      (moves ? `${window}{overflow:auto hidden;scroll-snap-type:x mandatory;--moves:1}` : '')
    );
  },
  places: (scope, step, shelf) => {
    const { shows } = step;
    const { items, facing } = ownAt(step);
    const { columns } = pageGrid(items);
    const cards = `${scope}>.window>.cards`;
    const first = shows.start - shelf.held.start;
    const count = shows.end - shows.start;
    const { pages } = openingsOf(count, items, facing);
    let css = '';
    // A page that faces nothing keeps its side, so that the last opening can be turned to.
    if (facing && pages % 2 === 1)
      css += `${cards}::after{content:"";grid-area:1/${pages * (columns + 1) + columns}}`;
    for (let i = 0; i < count; i += 1) {
      const { page, column, row } = placeOn(i, items);
      const snaps = i % (facing ? 2 * items : items) === 0;
      css += `${cards}>:nth-child(${first + i + 1}){grid-area:${row + 1}/${page * (columns + 1) + column + 1}${snaps ? ';scroll-snap-align:start' : ''}}`;
    }
    return css;
  },
  card: 'stacked',
};
