import { nominalOf } from '../bands/bands.ts';
import { bayHeight, isDrawnAt, riseOf } from './bayHeight.ts';
import { headHeight } from './edgeLayout.ts';
import { shelfMeasure } from './shelfMeasure.ts';
import { shelvesIn } from './shelvesIn.ts';
import type { PageView, StepView } from './view.ts';

/** What is calculated of a shelf at one band, at its nominal width. */
export interface ShelfFacts {
  bandId: string;
  step: StepView;
  /** Pages of the list; 1 where all fits on one. */
  pages: number;
  /** Presses from the first page to the end. */
  presses: number;
  /** Height of the bay, in screens of the band. */
  screens: number;
  /** Part of the first screen that the bay covers, 0 to 1. */
  ofFirstScreen: number;
}

/** The figures of a shelf in a bay at each band; empty where it is not there or not drawn. */
export function shelfFacts(page: PageView, bayId: string, shelfId: string): ShelfFacts[] {
  const at = page.bays.findIndex((bay) => bay.id === bayId);
  const bay = page.bays[at];
  const shelf = bay && !bay.empty ? shelvesIn(bay).find(({ id }) => id === shelfId) : undefined;
  if (!bay || !shelf) return [];
  return page.bands.flatMap((band) => {
    const { id } = band;
    const nominal = nominalOf(page.bands, band);
    if (!isDrawnAt(bay, id)) return [];
    const { step } = shelfMeasure(shelf, page.bands, nominal.width);
    const heightPx = bayHeight(bay, page.bands, nominal.width);
    const top = page.bays
      .slice(0, at)
      .reduce(
        (y, above) => y + bayHeight(above, page.bands, nominal.width) - riseOf(above, page.bands, id),
        headHeight(page, nominal.width) - riseOf(bay, page.bands, id),
      );
    const inSight = Math.max(0, Math.min(nominal.height, top + heightPx) - top);
    const pages = shelf.paging.by === 'none' ? 1 : Math.max(1, Math.ceil(shelf.total / step.size));
    return [
      {
        bandId: id,
        step,
        pages,
        presses: pages - 1,
        screens: heightPx / nominal.height,
        ofFirstScreen: inSight / nominal.height,
      },
    ];
  });
}
