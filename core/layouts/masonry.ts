import { cardWidth, rowsOf } from '../geometry/rows.ts';
import { bandSteps } from '../geometry/steps.ts';
import type { LayoutKind } from './layoutKind.ts';

export interface Columns {
  /** Column of each item. */
  of: number[];
  /** Height of each column, px; the gap under its last item is not part of it. */
  heights: number[];
  /** (max − min) / max of the heights; 0 when empty. */
  unevenness: number;
}

/** Puts each item into the shortest column so far, ties into the first (calculations §6). */
export function columnsOf(itemHeights: readonly number[], across: number, gapPx: number): Columns {
  const ends = Array.from({ length: across }, () => 0);
  const of = itemHeights.map((height) => {
    const column = ends.indexOf(Math.min(...ends));
    ends[column]! += height + gapPx;
    return column;
  });
  const heights = ends.map((end) => Math.max(0, end - gapPx));
  const most = Math.max(0, ...heights);
  return { of, heights, unevenness: most === 0 ? 0 : (most - Math.min(...heights)) / most };
}

export const masonry: LayoutKind = {
  id: 'masonry',
  name: 'Masonry',
  find: ['masonry', 'brick', 'own height'],
  said: 'masonry, each item under the shortest column',
  about: 'Every picture in its own proportions, each card under the shortest column so far.',
  inRows: false,
  moves: false,
  uses: ['columns', 'gap.column', 'gap.row', 'card.text', 'card.frame', 'card.inside'],
  ranges: (shelf, band, room, bands) => bandSteps(shelf.columns, shelf.gap.column, room, bands, band),
  rows: (count, across) => ({ ...rowsOf(count, across), full: true }),
  cardPx: ({ across, gap }, innerPx) => cardWidth(innerPx, across, gap.column),
  columnsOf: (heights, across, gapPx) => columnsOf(heights, across, gapPx).of,
  sayFacts: () => null,
  boxes({ step, innerPx, count, heightOf }) {
    const width = cardWidth(innerPx, step.across, step.gap.column);
    const tops = Array.from({ length: step.across }, () => 0);
    return Array.from({ length: count }, (_, i) => {
      const column = step.columns?.[i] ?? 0;
      const height = heightOf(i, width);
      const y = tops[column]!;
      tops[column] = y + height + step.gap.row;
      return { x: column * (width + step.gap.column), y, width, height };
    });
  },
  // Columns that break where they are told to, and flow in between: an estimate that is wrong moves what is
  // below it, and never covers it. The order of the document stays the order of the list.
  css: (scope, { across, gap }) => {
    const window = `${scope}>.window`;
    return `${window}{columns:${across};column-gap:${gap.column}px;column-fill:auto}${window}>.cards{display:flex;flex-direction:column;gap:${gap.row}px}${window}>.cards>.card{break-inside:avoid}`;
  },
  places: (scope, { across, columns, shows }, shelf) => {
    const cards = `${scope}>.window>.cards:not([data-grown])`;
    const first = shows.start - shelf.held.start;
    const nth = (i: number) => `:nth-child(${first + i + 1})`;
    let css = '';
    for (let column = 0; column < across; column += 1) {
      const inIt = (columns ?? []).flatMap((of, i) => (of === column ? [i] : []));
      if (inIt.length === 0) continue;
      if (column > 0) css += `${cards}>:is(${inIt.map(nth).join(',')}){order:${column}}`;
      if (column < across - 1) css += `${cards}>${nth(inIt.at(-1)!)}{break-after:column}`;
    }
    return css;
  },
  card: 'own',
};
