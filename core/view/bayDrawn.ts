import { bandAt } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import type { BayDrawn } from '../bays/bayKind.ts';
import { wholeWidth } from '../geometry/steps.ts';
import type { BayView, PageView } from './view.ts';

/** How a bay of a page is drawn in a region of this width. */
export function bayDrawn(
  { style, room }: Pick<BayView, 'style' | 'room'>,
  view: Pick<PageView, 'bands' | 'contentPx' | 'direction' | 'style'>,
  regionPx: number,
): BayDrawn {
  const { bands, contentPx, direction } = view;
  const bandId = bandAt(bands, regionPx).id;
  return {
    levels: [style, view.style],
    bands,
    bandId,
    regionPx,
    ownPx: wholeWidth(room, bands, bandId, regionPx),
    marginPx: valueAt(room.marginPx, bands, bandId),
    contentPx,
    direction,
  };
}
