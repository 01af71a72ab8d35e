import type { Bands } from '../../bands/bands.ts';
import type { Varying } from '../../bands/varying.ts';

/** A ready-made arrangement: settings of a shelf to start from, which are then set in detail. */
export interface Arrangement {
  id: string;
  name: string;
  /** What it looks like, in a sentence. */
  about: string;
  /** Values by setting; all else of the shelf stays as it is. */
  settings(bands: Bands): Readonly<Record<string, unknown>>;
}

/** A value that grows with the bands: one for each, the last for all that are wider. */
export function growing<T>(bands: Bands, ...values: readonly T[]): Varying<T> {
  const given: Record<string, T> = {};
  bands.forEach((band, i) => {
    if (i < values.length) given[band.id] = values[i]!;
  });
  return given;
}
