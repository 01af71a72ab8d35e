import type { Bands } from '../bands/bands.ts';
import type { Varying } from '../bands/varying.ts';

/** The narrowest screen that is reckoned with, px. */
const NARROWEST_PX = 320;
/** With less than this beside it nothing is put beside anything, px. */
export const LEAST_BESIDE_PX = 240;

/** A value for each band, from the least width of a screen at it, px. */
export const byBands = <T>(bands: Bands, at: (bandId: string, fromPx: number) => T): Varying<T> =>
  Object.fromEntries(bands.map(({ id, from }) => [id, at(id, Math.max(NARROWEST_PX, from))]));
