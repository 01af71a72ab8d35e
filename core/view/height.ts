import { valueAt } from '../bands/varying.ts';
import { bandAt, type Bands } from '../bands/bands.ts';
import type { Box } from '../forms/formKind.ts';
import { formKind } from '../forms/index.ts';
import { innerWidth, stepAt } from '../geometry/steps.ts';
import { cardHeight } from './cardHeight.ts';
import type { BayView, ShelfView, StepView } from './view.ts';

/** Height of the store's name and links above all bays, px. */
export const STORE_HEAD_PX = 65;
const HEADING_PX = 56;
const PAGER_PX = 72;
const MARKS_PX = 36;

export interface ShelfMeasure {
  step: StepView;
  /** Width of one card, px. */
  cardPx: number;
  /** Cards that are shown, in their order. */
  boxes: Box[];
  /** Estimated height, px, with what stands under the cards. */
  heightPx: number;
}

/** Where the cards of a shelf stand in a region of this width, px. */
export function shelfMeasure(shelf: ShelfView, bands: Bands, regionPx: number): ShelfMeasure {
  const step = stepAt(shelf.steps, regionPx);
  const kind = formKind(step.form);
  const innerPx = innerWidth(shelf.room, bands, step.bandId, regionPx);
  const shown = shelf.cards.slice(step.shows.start - shelf.held.start, step.shows.end - shelf.held.start);
  const boxes = kind.layout({
    step,
    innerPx,
    count: shown.length,
    heightOf: (i, widthPx) => cardHeight(shown[i]!, shelf.card, step, bands, widthPx),
  });
  const cards = Math.max(0, ...boxes.map((box) => box.y + box.height));
  const outside = step.arrows && (shelf.moving.arrowPlace === 'above' || shelf.moving.arrowPlace === 'below');
  return {
    step,
    cardPx: kind.cardPx(step, innerPx),
    boxes,
    heightPx:
      cards +
      (shelf.pagers.length ? PAGER_PX : 0) +
      (step.marks === 'none' ? 0 : MARKS_PX) +
      (outside ? step.arrowPx + 8 : 0),
  };
}

/** Estimated height of a bay in a region of this width, px; 0 where it is not drawn. */
export function bayHeight(bay: BayView, bands: Bands, regionPx: number): number {
  const band = bandAt(bands, regionPx).id;
  if (bay.empty || (bay.bands && !bay.bands.includes(band))) return 0;
  const around = valueAt(bay.look.above, bands, band) + valueAt(bay.look.below, bands, band);
  const { content } = bay;
  if (content.holds === 'notice') return around + 41;
  if (content.holds === 'banner') return around + valueAt(content.height, bands, band);
  if (content.holds === 'entry') return around + (regionPx >= 880 ? 1000 : 1200);
  if (content.holds === 'product') return around + (regionPx >= 880 ? 780 : 1300);
  return (
    around + (bay.heading.words ? HEADING_PX : 0) + shelfMeasure(content.shelf, bands, regionPx).heightPx
  );
}
