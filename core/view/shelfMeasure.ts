import type { Bands } from '../bands/bands.ts';
import type { Box } from '../layouts/layoutKind.ts';
import { layoutKind } from '../layouts/index.ts';
import { innerWidth, stepAt } from '../geometry/steps.ts';
import { cardHeight } from './cardHeight.ts';
import { aboveRows, belowRows, rowHeight } from './rowHeight.ts';
import { shownIn } from './shownIn.ts';
import { filtersBeside, toolsHeight } from './toolsHeight.ts';
import type { ShelfView, StepView } from './view.ts';

const PAGER_PX = 72;
export const MARKS_PX = 36;

export interface ShelfMeasure {
  step: StepView;
  /** Width of one card, px. */
  cardPx: number;
  /** Cards that are shown, in their order. */
  boxes: Box[];
  /** Estimated height, px, with what stands under the cards. */
  heightPx: number;
}

/** Which of a list a page has, where that is said beside how many there are; null where it is not. */
const spanAt = ({ pagers, paging }: ShelfView, { size }: StepView): string | null =>
  (paging.by === 'numbered' && pagers.find((pager) => pager.size === size)?.span) || null;

/** Where the cards of a shelf stand in a region of this width, px. */
export function shelfMeasure(shelf: ShelfView, bands: Bands, regionPx: number): ShelfMeasure {
  const step = stepAt(shelf.steps, regionPx);
  const kind = layoutKind(step.layout);
  const innerPx = innerWidth(shelf.room, bands, step.bandId, regionPx);
  const shown = shownIn(shelf, step);
  const rows = kind.table && shelf.table;
  const boxes = kind.boxes({
    step,
    innerPx,
    count: shown.length,
    topPx: rows ? aboveRows(step, rows, innerPx) : 0,
    heightOf: (i, widthPx) =>
      rows
        ? rowHeight(shown[i]!, shelf.card, step, rows, widthPx)
        : cardHeight(shown[i]!, shelf.card, step, bands, widthPx),
  });
  const cards = Math.max(0, ...boxes.map((box) => box.y + box.height));
  const outside = step.arrows && (shelf.moving.arrowPlace === 'above' || shelf.moving.arrowPlace === 'below');
  const { tools } = shelf;
  const listPx =
    cards +
    (rows ? belowRows(rows) : 0) +
    (tools ? toolsHeight(tools, bands, step.bandId, innerPx, spanAt(shelf, step)) : 0) +
    (shelf.pagers.length ? PAGER_PX : 0) +
    (step.marks === 'none' ? 0 : MARKS_PX) +
    (outside ? step.arrowPx + 8 : 0);
  return {
    step,
    cardPx: kind.cardPx(step, innerPx),
    boxes,
    heightPx: tools ? Math.max(listPx, filtersBeside(tools, bands, step.bandId)?.heightPx ?? 0) : listPx,
  };
}
