import { onceWhole } from '../css/onceWhole.ts';
import { cardWidth, rowsOf } from '../geometry/rows.ts';
import { bandSteps } from '../geometry/steps.ts';
import type { Box, LayoutKind, LayoutInput } from './layoutKind.ts';
import { sayRows } from './sayFacts.ts';

/** Cards row by row; each row is as high as its highest card. */
export function inRows({ step, innerPx, count, heightOf }: LayoutInput, across: number): Box[] {
  const width = cardWidth(innerPx, across, step.gap.column);
  const boxes: Box[] = [];
  let y = 0;
  for (let first = 0; first < count; first += across) {
    const heights = Array.from({ length: Math.min(across, count - first) }, (_, i) =>
      heightOf(first + i, width),
    );
    const highest = Math.max(...heights);
    const empty = (across - heights.length) * (width + step.gap.column);
    const start = step.lastRow.align === 'center' ? empty / 2 : step.lastRow.align === 'end' ? empty : 0;
    heights.forEach((height, i) =>
      boxes.push({
        x: start + i * (width + step.gap.column),
        y,
        width,
        height: step.equal ? highest : height,
      }),
    );
    y += highest + step.gap.row;
  }
  return boxes;
}

export const grid: LayoutKind = {
  id: 'grid',
  name: 'Grid',
  find: ['grid'],
  said: 'grid filled row by row',
  about: 'Cards side by side, row under row.',
  inRows: true,
  moves: false,
  shoppers: ({ viewGrid }) => viewGrid,
  uses: [
    'columns',
    'gap.column',
    'gap.row',
    'amount.by',
    'amount.rows',
    'lastRow',
    'lastRowAlign',
    'equalHeights',
    'card.text',
    'card.frame',
    'card.inside',
  ],
  ranges: (shelf, band, room, bands) => bandSteps(shelf.columns, shelf.gap.column, room, bands, band),
  rows: rowsOf,
  sayFacts: ({ rows, across }) => sayRows(rows, across),
  cardPx: ({ across, gap }, innerPx) => cardWidth(innerPx, across, gap.column),
  boxes: (input) => inRows(input, input.step.across),
  css: (scope, { across, lastRow, rows, gap, equal }) => {
    const cards = `${scope}>.window>.cards`;
    const even = equal ? '' : `${cards}{align-items:start}`;
    // Rows that are full fill their width, so only a short one is seen to be put elsewhere.
    if (lastRow.align === 'start' || rows.full || across === 1) return even;
    return `${even}${cards}{display:flex;flex-wrap:wrap;justify-content:${lastRow.align}}${onceWhole(cards)}${cards}>.card{flex:0 0 calc((100% - ${(across - 1) * gap.column}px)/${across})}`;
  },
  card: 'stacked',
};
