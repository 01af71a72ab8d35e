import { bandEnd } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { rowsOf } from '../geometry/rows.ts';
import { keptFree } from '../geometry/steps.ts';
import { counted } from '../sentence/sentence.ts';
import { fitWidths } from '../table/columnFit.ts';
import { tableCss, tableLookCss } from '../table/tableCss.ts';
import { tableSettings, type TableOwn } from '../table/tableSettings.ts';
import type { StepView } from '../view/view.ts';
import type { Box, LayoutKind, Range } from './layoutKind.ts';

const ownAt = (step: StepView) => step.own as unknown as TableOwn;

export const table: LayoutKind = {
  id: 'table',
  name: 'Table',
  find: ['table', 'rows', 'price list', 'trade list', 'order form'],
  said: 'table',
  about: 'One row to an item, its parts in columns. Columns that find no room go under the title.',
  settings: tableSettings,
  inRows: true,
  moves: false,
  shoppers: ({ viewTable }) => viewTable,
  uses: ['amount.by', 'amount.rows'],
  table: ({ layoutOwn }) => layoutOwn.table.columns,
  ranges: ({ layoutOwn }, band, room, bands) => {
    const [from, to] = [band.from, bandEnd(bands, band.id)];
    const free = keptFree(room, bands, band.id);
    const mostPx = valueAt(room.mostPx, bands, band.id) ?? Infinity;
    const begins = fitWidths(layoutOwn.table.columns)
      .filter((px) => px <= mostPx)
      .map((px) => Math.ceil(px + free))
      .filter((px) => from < px && px < to);
    return [from, ...new Set(begins)].map((begin, i, all): Range => ({
      from: begin,
      to: all[i + 1] ?? to,
      across: 1,
    }));
  },
  rows: (count) => rowsOf(count, 1),
  cardPx: (_, innerPx) => innerPx,
  picturePx: (step) => ownAt(step).picture,
  sayFacts: ({ rows, table: at }) =>
    at &&
    `${counted(rows.rows, 'row')}, ${counted(at.stay.length, 'column')}${at.left.length > 0 ? `; ${at.left.length} in the second line` : ''}`,
  sayColumns: ({ layoutOwn }) => ({
    text: counted(layoutOwn.table.columns.length, 'column'),
    opens: 'layoutOwn.table.columns',
  }),
  boxes: ({ innerPx, count, heightOf, topPx = 0 }) => {
    const boxes: Box[] = [];
    let y = topPx;
    for (let i = 0; i < count; i += 1) {
      const height = heightOf(i, innerPx);
      boxes.push({ x: 0, y, width: innerPx, height });
      y += height;
    }
    return boxes;
  },
  css: (scope, step) => tableCss(scope, step.table!, ownAt(step)),
  look: (scope, step) => tableLookCss(scope, ownAt(step)),
  card: 'row',
};
