import { bandAt, type Bands } from '../bands/bands.ts';
import { valueAt } from '../bands/varying.ts';
import { bayKind } from '../bays/index.ts';
import type { BayView } from './view.ts';

/** Whether a bay is drawn at a band. */
export const isDrawnAt = ({ empty, bands }: Pick<BayView, 'empty' | 'bands'>, bandId: string): boolean =>
  !empty && (bands?.includes(bandId) ?? true);

/** Estimated height of a bay in a region of this width, px; 0 where it is not drawn. */
export function bayHeight(bay: BayView, bands: Bands, regionPx: number): number {
  const band = bandAt(bands, regionPx).id;
  if (!isDrawnAt(bay, band)) return 0;
  const around = valueAt(bay.look.above, bands, band) + valueAt(bay.look.below, bands, band);
  return around + bayKind(bay.content.holds).heightPx(bay.content, bay.heading, bands, regionPx);
}

/** By how much it is moved up over what stands above it, px; 0 where it is not drawn. */
export const riseOf = (bay: BayView, bands: Bands, bandId: string): number =>
  isDrawnAt(bay, bandId) ? valueAt(bay.look.rise, bands, bandId) : 0;
