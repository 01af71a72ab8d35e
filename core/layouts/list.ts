import { bandEnd } from '../bands/bands.ts';
import { cardEnds } from '../card/cardSpace.ts';
import { besidePicture, riseCss } from '../card/textBlock.ts';
import { heightOf } from '../card/pictureHeight.ts';
import { rowsOf } from '../geometry/rows.ts';
import type { StepView } from '../view/view.ts';
import type { LayoutKind } from './layoutKind.ts';
import { integer } from '../settings/values.ts';
import { byWidth, varying } from '../settings/setting.ts';
import { inRows } from './grid.ts';
import { sayRows } from './sayFacts.ts';

export const listSettings = {
  columns: {
    /** Width of the picture of a line, px. */
    picture: varying(integer(40, 480, 'px', { step: 10 }), byWidth(110, { 560: 180 }), {
      name: 'Picture width in a list',
      find: ['list', 'picture', 'width'],
    }),
  },
};

const ownAt = (step: StepView) => step.own as { picture: number };

export const list: LayoutKind = {
  id: 'list',
  name: 'List',
  find: ['list', 'lines', 'one per line'],
  said: 'list, one to a line',
  about: 'One card to a line, the picture beside the words.',
  settings: listSettings,
  inRows: true,
  moves: false,
  shoppers: ({ viewList }) => viewList,
  uses: ['card.text.side', 'card.frame', 'card.inside', 'gap.row', 'amount.by', 'amount.rows', 'lastRow'],
  ranges: (_, band, __, bands) => [{ from: band.from, to: bandEnd(bands, band.id), across: 1 }],
  rows: (count) => rowsOf(count, 1),
  cardPx: (_, innerPx) => innerPx,
  picturePx: (step) => ownAt(step).picture,
  sayFacts: ({ rows }) => sayRows(rows, 1),
  sayColumns: ({ layoutOwn }, sayAt) => ({
    text: `pictures ${sayAt(layoutOwn.list.picture, (px) => `${px} px`)} wide`,
    opens: 'layoutOwn.list.picture',
  }),
  boxes: (input) => inRows(input, 1),
  css: (scope, step) => {
    const { hasPicture, picture, placing, insidePx, block } = step;
    const picturePx = ownAt(step).picture;
    const card = `${scope}>.window>.cards>.card`;
    const lines = `${scope}>.window>.cards{grid-template-columns:minmax(0,1fr)}`;
    if (!hasPicture) return lines;
    const height = heightOf(picture) ?? { ratio: 1 };
    const pictureHeight = 'ratio' in height ? `${picturePx / height.ratio}px` : height.length;
    const at = placing.side === 'before' ? 'end' : 'start';
    return (
      `${lines}${card}{justify-content:center;min-height:calc(${pictureHeight} + ${cardEnds(step)}px);padding-inline-${at}:${picturePx + besidePicture(block) + insidePx}px}` +
      riseCss(`${card}>.texts:not(.lead)`, block) +
      `${card}>.part-picture{position:absolute;inset-block-start:${insidePx}px;inset-inline-${at}:${insidePx}px;width:${picturePx}px;margin:0}`
    );
  },
  card: 'beside',
};
