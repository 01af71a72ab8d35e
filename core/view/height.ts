import { valueAt } from '../bands/varying.ts';
import { bandAt, type Bands } from '../bands/bands.ts';
import { partKind } from '../card/parts/index.ts';
import { PART_GAP_PX } from '../card/text.ts';
import { cardWidth } from '../geometry/rows.ts';
import { innerWidth, stepAt } from '../geometry/steps.ts';
import type { BayView, CardView, ShelfView, StepView } from './view.ts';

/** Space below a card's picture beyond the usual gap, px; as the storefront draws it. */
const UNDER_PICTURE_PX = 5;
const HEADING_PX = 56;
const PAGER_PX = 72;

function cardHeight(card: CardView, shelf: ShelfView, bands: Bands, bandId: string, widthPx: number): number {
  const parts = card.parts.filter(({ part }) =>
    valueAt(shelf.card.shown[part] ?? { [bands[0]!.id]: true }, bands, bandId),
  );
  const heights = parts.map(
    (view) =>
      partKind(view.part)!.heightPx(view, shelf.card, widthPx) +
      (view.part === 'picture' ? UNDER_PICTURE_PX : 0),
  );
  return heights.reduce((a, b) => a + b, 0) + PART_GAP_PX * Math.max(0, heights.length - 1);
}

/** The step that a shelf is at in a region of this width, and how its cards measure there, px. */
export function shelfMeasure(
  shelf: ShelfView,
  bands: Bands,
  regionPx: number,
): { step: StepView; cardPx: number; heightPx: number } {
  const step = stepAt(shelf.steps, regionPx);
  const cardPx = cardWidth(
    innerWidth(shelf.room, bands, step.bandId, regionPx),
    step.across,
    step.gap.column,
  );
  const shown = shelf.cards.slice(step.shows.start - shelf.held.start, step.shows.end - shelf.held.start);
  let heightPx = Math.max(0, step.rows.rows - 1) * step.gap.row;
  for (let row = 0; row < step.rows.rows; row += 1) {
    const cards = shown.slice(row * step.across, (row + 1) * step.across);
    heightPx += Math.max(0, ...cards.map((card) => cardHeight(card, shelf, bands, step.bandId, cardPx)));
  }
  return { step, cardPx, heightPx: heightPx + (shelf.pagers.length ? PAGER_PX : 0) };
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
