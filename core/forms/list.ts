import { bandEnd } from '../bands/bands.ts';
import { rowsOf } from '../geometry/rows.ts';
import type { FormKind } from './formKind.ts';
import { inRows } from './grid.ts';

/** Space between the picture and the texts beside it, px. */
export const BESIDE_GAP_PX = 16;

export const list: FormKind = {
  id: 'list',
  name: 'List',
  find: ['list', 'lines', 'one per line'],
  said: 'list, one to a line',
  about: 'One card to a line, the picture beside the words.',
  inRows: true,
  moves: false,
  uses: ['listPicture', 'gap.row', 'amount.by', 'amount.rows', 'lastRow'],
  ranges: (_, band, __, bands) => [{ from: band.from, to: bandEnd(bands, band.id), across: 1 }],
  rows: (count) => rowsOf(count, 1),
  cardPx: (_, innerPx) => innerPx,
  picturePx: ({ listPicturePx }) => listPicturePx,
  layout: (input) => inRows(input, 1),
  css: (scope, { listPicturePx, hasPicture, picture }) => {
    const card = `${scope}>.window>.cards>.card`;
    const heightPx =
      picture.by === 'height' ? picture.px : listPicturePx / (picture.by === 'ratio' ? picture.ratio : 1);
    return `${scope}>.window>.cards{grid-template-columns:minmax(0,1fr)}${
      hasPicture
        ? `${card}{justify-content:center;min-height:${heightPx}px;padding-inline-start:${listPicturePx + BESIDE_GAP_PX}px}${card}>.part-picture{position:absolute;inset-block-start:0;inset-inline-start:0;width:${listPicturePx}px;margin:0}`
        : ''
    }`;
  },
  card: 'beside',
};
