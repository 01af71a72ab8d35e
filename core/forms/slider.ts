import { bandEnd } from '../bands/bands.ts';
import { heightOf } from '../card/pictureHeight.ts';
import { inOneRow, trackCss } from './carousel.ts';
import type { FormKind } from './formKind.ts';

/** Space around the words on a slide, px. */
export const SLIDE_PADDING_PX = 28;

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
    const height = heightOf(step.slide);
    const high =
      height && 'length' in height ? `height:${height.length}` : `aspect-ratio:${height?.ratio ?? 1}`;
    return (
      trackCss(scope, step) +
      `${card}{${high};justify-content:flex-end;padding:${SLIDE_PADDING_PX}px;overflow:hidden;border-radius:3px}` +
      `${card}>.part-picture{position:absolute;inset:0;aspect-ratio:auto;height:auto;margin:0}` +
      `${card}>.part-picture::after{content:"";position:absolute;inset:0;background:linear-gradient(to top,rgb(0 0 0/.78),rgb(0 0 0/.5) 40%,rgb(0 0 0/0) 75%)}` +
      `${card}>.texts{z-index:1;color:#fff}${card} .part-title{font-size:26px;line-height:32px}${card} :is(.before,.reduced,.stars>span){color:#fff}`
    );
  },
  card: 'ground',
};
