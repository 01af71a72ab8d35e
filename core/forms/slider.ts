import { bandEnd } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { ratioValue } from '../card/card.ts';
import { ofScreen } from '../card/pictureHeight.ts';
import { groundCss } from './ground.ts';
import { inOneRow, trackCss } from './carousel.ts';
import type { FormKind } from './formKind.ts';

/** Space around the words on a slide, px. */
const SLIDE_PADDING_PX = 28;

export const slider: FormKind = {
  id: 'slider',
  name: 'Slider',
  find: ['slider', 'slide', 'hero', 'large'],
  said: 'slider, one large item at a time',
  about: 'One large item at a time, its picture as ground with the words on it.',
  inRows: false,
  moves: true,
  uses: ['slideBy', 'slideRatio', 'slideScreen', 'moving', 'card.text.when', 'card.text.comes'],
  ranges: (_, band, __, bands) => [{ from: band.from, to: bandEnd(bands, band.id), across: 1 }],
  rows: (count) => ({ rows: count ? 1 : 0, last: Math.min(count, 1), full: true }),
  cardPx: (_, innerPx) => innerPx,
  layout: inOneRow,
  css: (scope, step) => {
    const card = `${scope}>.window>.cards>.card`;
    return `${trackCss(scope, step)}${groundCss(card, step, SLIDE_PADDING_PX)}${card} .part-title{font-size:26px;line-height:32px}`;
  },
  card: 'ground',
  ground: ({ slideBy, slideScreen, slideRatio }, bands, bandId) =>
    slideBy === 'screen'
      ? ofScreen(valueAt(slideScreen, bands, bandId), bands, bandId)
      : { by: 'ratio', ratio: ratioValue(valueAt(slideRatio, bands, bandId)) },
  groundPaddingPx: SLIDE_PADDING_PX,
};
