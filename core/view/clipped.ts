import { bandById, nominalOf, type Bands } from '../bands/bands.ts';
import { innerWidth } from '../geometry/steps.ts';
import { layoutKind } from '../layouts/index.ts';
import { eachText, textsOf } from './cardTexts.ts';
import { sizeIn } from './partViews.ts';
import { shownIn } from './shownIn.ts';
import type { ShelfView, StepView } from './view.ts';

/** Cards of a step on which a part has fewer lines than it needs. */
export interface Clipped {
  /** Id of the part. */
  part: string;
  count: number;
  /** Lines with which none would be cut. */
  needed: number;
}

/** Narrower than this no page is looked at, px. */
const NARROWEST_PX = 320;

/** Width at which a step is looked at, px: that of its band, or the nearest to it that the step has. */
export function lookedAtPx(step: StepView, bands: Bands): number {
  const nominal = nominalOf(bands, bandById(bands, step.bandId)!).width;
  return Math.max(step.from, Math.min(nominal, step.to === Infinity ? Infinity : step.to - 1));
}

/** Parts that are cut short where cards are `cardPx` wide. */
export function clippedAt(shelf: ShelfView, step: StepView, bands: Bands, cardPx: number): Clipped[] {
  const found = new Map<string, Clipped>();
  for (const card of shownIn(shelf, step)) {
    eachText(textsOf(card, shelf.card, step, bands, cardPx), ({ kind, view, own, px }) => {
      if (!kind.lines) return;
      const { needed, most } = kind.lines(view, own, px, sizeIn(step, kind));
      if (needed <= most) return;
      const before = found.get(kind.id) ?? { part: kind.id, count: 0, needed: 0 };
      found.set(kind.id, { ...before, count: before.count + 1, needed: Math.max(before.needed, needed) });
    });
  }
  return [...found.values()];
}

/** Width of a card of a step in a region of this width, px. */
export const cardPxIn = (shelf: ShelfView, step: StepView, bands: Bands, regionPx: number): number =>
  layoutKind(step.layout).cardPx(step, innerWidth(shelf.room, bands, step.bandId, regionPx));

/**
 * The width, px, below which something is wrong within a step that is righted by room: what is wrong at a width is
 * wrong at every narrower one. As narrow as the step begins where nothing is.
 * @param isWrong told how wide cards are, px
 */
export function wrongBelow(
  shelf: ShelfView,
  step: StepView,
  bands: Bands,
  isWrong: (cardPx: number) => boolean,
): number {
  const wrong = (regionPx: number) => isWrong(cardPxIn(shelf, step, bands, regionPx));
  let low = Math.max(step.from, NARROWEST_PX);
  if (low >= step.to || !wrong(low)) return step.from;
  // Wider than this cards grow no more.
  let high = Math.min(step.to, 4000);
  if (wrong(high - 1)) return step.to;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (wrong(middle)) low = middle;
    else high = middle;
  }
  return high;
}
