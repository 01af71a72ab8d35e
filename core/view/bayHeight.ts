import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { bayKind } from '../bays/index.ts';
import type { BayView } from './view.ts';

/** Estimated height of a bay in a region of this width, px; 0 where it is not drawn. */
export function bayHeight(bay: BayView, bands: Bands, regionPx: number): number {
  const band = bandAt(bands, regionPx).id;
  if (bay.empty || (bay.bands && !bay.bands.includes(band))) return 0;
  const around = valueAt(bay.look.above, bands, band) + valueAt(bay.look.below, bands, band);
  return around + bayKind(bay.content.holds).heightPx(bay.content, bay.heading, bands, regionPx);
}
