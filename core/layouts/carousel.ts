import { bandEnd } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import type { StepView } from '../view/view.ts';
import type { Box, LayoutKind, LayoutInput } from './layoutKind.ts';
import { tenths } from '../settings/values.ts';
import { byWidth, varying } from '../settings/setting.ts';
import { visibleWidth } from './moving.ts';
import { sayMotion } from './sayFacts.ts';

/** One row that runs on past the window; each card as high as the highest. */
export function inOneRow({ step, innerPx, count, heightOf }: LayoutInput): Box[] {
  const width = visibleWidth(innerPx, step.across, step.gap.column);
  const heights = Array.from({ length: count }, (_, i) => heightOf(i, width));
  const highest = Math.max(0, ...heights);
  return heights.map((height, i) => ({
    x: i * (width + step.gap.column),
    y: 0,
    width,
    height: step.equal ? highest : height,
  }));
}

/** A plain track that scrolls, with or without script. */
export function trackCss(scope: string, { across, gap, equal, moves }: StepView): string {
  const cards = `${scope}>.window>.cards`;
  const gaps = (Math.ceil(across) - 1) * gap.column;
  return (
    `${cards}{display:flex;gap:${gap.column}px${equal ? '' : ';align-items:flex-start'}}` +
    `${cards}>.card{flex:0 0 calc((100% - ${gaps}px)/${across});scroll-snap-align:start}` +
    (moves ? `${scope}>.window{overflow:auto hidden;scroll-snap-type:x mandatory;--moves:1}` : '')
  );
}

export const carouselSettings = {
  columns: {
    /** Items in sight at once; not whole where an edge of the next shows. */
    visible: varying(tenths(1, 12), byWidth(1.4, { 560: 2.5, 880: 4 }), {
      name: 'Items in sight at once',
      find: ['visible', 'in sight', 'slides', 'edge'],
      about: 'A part of one, as in 2.3, lets the edge of the next show that there is more.',
    }),
  },
};

export const carousel: LayoutKind = {
  id: 'carousel',
  name: 'Carousel',
  find: ['carousel', 'slides', 'swipe', 'moving'],
  said: 'carousel',
  about: 'One row of cards that runs on past the edge.',
  settings: carouselSettings,
  inRows: false,
  moves: true,
  uses: ['gap.column', 'moving', 'equalHeights', 'card.text', 'card.frame', 'card.inside'],
  ranges: (shelf, band, _, bands) => [
    {
      from: band.from,
      to: bandEnd(bands, band.id),
      across: valueAt(shelf.layoutOwn.carousel.visible, bands, band.id),
    },
  ],
  rows: (count, across) => ({ rows: count ? 1 : 0, last: Math.min(count, Math.ceil(across)), full: true }),
  cardPx: ({ across, gap }, innerPx) => visibleWidth(innerPx, across, gap.column),
  moveBy: ({ moving }, _, bands, bandId) => valueAt(moving.step, bands, bandId),
  sayFacts: sayMotion,
  sayColumns: ({ layoutOwn }, sayAt) => ({
    text: `${sayAt(layoutOwn.carousel.visible, String)} in sight`,
    opens: 'layoutOwn.carousel.visible',
  }),
  showLess: (count) => ({
    setting: 'layoutOwn.carousel.visible',
    value: Math.round(10 * (count - 0.6)) / 10,
  }),
  boxes: inOneRow,
  css: trackCss,
  card: 'stacked',
};
