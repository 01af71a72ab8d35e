import { bandEnd } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { ratio, ratioValue, SLIDE_RATIOS } from '../card/ratio.ts';
import { ofScreen } from '../card/pictureHeight.ts';
import { choice, integer } from '../settings/values.ts';
import { byWidth, setting, varying } from '../settings/setting.ts';
import { groundCss } from './ground.ts';
import { inOneRow, trackCss } from './carousel.ts';
import type { LayoutKind } from './layoutKind.ts';
import { sayMotion } from './sayFacts.ts';

/** Space around the words on a slide, px. */
const SLIDE_PADDING_PX = 28;

const unless = (by: string, why: string) => (read: (id: string) => unknown) =>
  read('layoutOwn.slider.by') === by ? null : why;

export const sliderSettings = {
  layout: {
    /** Slides are as high as proportions say, or a share of the screen's height. */
    by: setting(choice({ ratio: 'By ratio', screen: 'Share of screen' }), 'ratio', {
      name: 'Slide height',
      find: ['slide', 'height', 'screen'],
    }),
    ratio: varying(ratio(SLIDE_RATIOS), byWidth('4:5', { 560: '16:9', 880: '5:2' }), {
      name: 'Slide ratio, width to height',
      find: ['slide', 'ratio', 'height', 'proportions'],
      offBecause: unless('ratio', 'Slides go by the screen'),
    }),
    screen: varying(integer(10, 100, '%', { step: 5 }), 70, {
      name: 'Slide height, share of the screen',
      find: ['slide', 'height', 'screen'],
      offBecause: unless('screen', 'Slides go by their ratio'),
    }),
  },
};

export const slider: LayoutKind = {
  id: 'slider',
  name: 'Slider',
  find: ['slider', 'slide', 'hero', 'large'],
  said: 'slider, one large item at a time',
  about: 'One large item at a time, its picture as ground with the words on it.',
  settings: sliderSettings,
  inRows: false,
  moves: true,
  uses: ['moving', 'card.text.when', 'card.text.comes'],
  ranges: (_, band, __, bands) => [{ from: band.from, to: bandEnd(bands, band.id), across: 1 }],
  rows: (count) => ({ rows: count ? 1 : 0, last: Math.min(count, 1), full: true }),
  cardPx: (_, innerPx) => innerPx,
  moveBy: () => 1,
  sayFacts: sayMotion,
  sayColumns: () => 'one at a time',
  textComesWithIt: true,
  boxes: inOneRow,
  css: (scope, step) => {
    const card = `${scope}>.window>.cards>.card`;
    return `${trackCss(scope, step)}${groundCss(card, step, SLIDE_PADDING_PX)}${card} .part-title{font-size:26px;line-height:32px}`;
  },
  card: 'ground',
  ground: ({ layoutOwn: { slider: own } }, bands, bandId) =>
    own.by === 'screen'
      ? ofScreen(valueAt(own.screen, bands, bandId), bands, bandId)
      : { by: 'ratio', ratio: ratioValue(valueAt(own.ratio, bands, bandId)) },
  groundPaddingPx: SLIDE_PADDING_PX,
};
