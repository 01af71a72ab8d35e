import { bandEnd } from '../bands/bands.ts';
import { BESIDE_GAP_PX } from '../card/placing.ts';
import { heightOf } from '../card/pictureHeight.ts';
import { PART_GAP_PX } from '../card/text.ts';
import { rowsOf } from '../geometry/rows.ts';
import type { FormKind } from './formKind.ts';
import { inRows } from './grid.ts';

export const list: FormKind = {
  id: 'list',
  name: 'List',
  find: ['list', 'lines', 'one per line'],
  said: 'list, one to a line',
  about: 'One card to a line, the picture beside the words.',
  inRows: true,
  moves: false,
  uses: [
    'listPicture',
    'card.text.side',
    'card.frame',
    'card.inside',
    'gap.row',
    'amount.by',
    'amount.rows',
    'lastRow',
  ],
  ranges: (_, band, __, bands) => [{ from: band.from, to: bandEnd(bands, band.id), across: 1 }],
  rows: (count) => rowsOf(count, 1),
  cardPx: (_, innerPx) => innerPx,
  picturePx: ({ listPicturePx }) => listPicturePx,
  layout: (input) => inRows(input, 1),
  css: (scope, { listPicturePx, hasPicture, picture, placing, insidePx }) => {
    const card = `${scope}>.window>.cards>.card`;
    const lines = `${scope}>.window>.cards{grid-template-columns:minmax(0,1fr)}`;
    if (!hasPicture) return lines;
    const height = heightOf(picture) ?? { ratio: 1 };
    const pictureHeight = 'ratio' in height ? `${listPicturePx / height.ratio}px` : height.length;
    const at = placing.side === 'before' ? 'end' : 'start';
    return (
      `${lines}${card}{justify-content:center;min-height:calc(${pictureHeight} + ${2 * insidePx}px);padding-inline-${at}:${listPicturePx + BESIDE_GAP_PX + insidePx}px}` +
      `${card}>.texts:not(.lead){margin-top:-${PART_GAP_PX}px}` +
      `${card}>.part-picture{position:absolute;inset-block-start:${insidePx}px;inset-inline-${at}:${insidePx}px;width:${listPicturePx}px;margin:0}`
    );
  },
  card: 'beside',
};
