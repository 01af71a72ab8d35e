import { same } from '../settings/same.ts';
import type { Bands } from './bands.ts';

/**
 * A value by band id. At least the first band is set; a band without a value takes the nearest narrower
 * one that has (calculations §1).
 */
export type Varying<T> = Readonly<Record<string, T>>;

export interface Resolved<T> {
  value: T;
  /** The band that the value was set at. */
  setAt: string;
}

/** The value that holds at a band, and where it was set. Throws RangeError when no band up to it has one. */
export function resolve<T>(varying: Varying<T>, bands: Bands, bandId: string): Resolved<T> {
  let found: Resolved<T> | undefined;
  for (const band of bands) {
    if (Object.hasOwn(varying, band.id)) found = { value: varying[band.id] as T, setAt: band.id };
    if (band.id === bandId) break;
  }
  if (!found) throw new RangeError(`No value is set at or below the band "${bandId}".`);
  return found;
}

export function valueAt<T>(varying: Varying<T>, bands: Bands, bandId: string): T {
  return resolve(varying, bands, bandId).value;
}

/** Whether it has more than one value. */
export function differs(varying: Varying<unknown>, bands: Bands): boolean {
  const first = valueAt(varying, bands, bands[0]!.id);
  return bands.some(({ id }) => !same(valueAt(varying, bands, id), first));
}

/** Sets the value at one band; `undefined` lets it go, so that the narrower one holds again. */
export function withValue<T>(
  varying: Varying<T>,
  bands: Bands,
  bandId: string,
  value: T | undefined,
): Varying<T> {
  const next: Record<string, T> = { ...varying };
  if (value !== undefined) next[bandId] = value;
  else if (bandId !== bands[0]!.id) delete next[bandId];
  return next;
}

/** Sets the value as it is meant at one band: everywhere where it is the same everywhere, else at that band alone. */
export const withValueMeant = <T>(varying: Varying<T>, bands: Bands, bandId: string, value: T): Varying<T> =>
  differs(varying, bands) ? withValue(varying, bands, bandId, value) : everywhere(bands, value);

/** The same with another value in the place of each. */
export const mapped = <T, U>(varying: Varying<T>, to: (value: T) => U): Varying<U> =>
  Object.fromEntries(Object.entries(varying).map(([band, value]) => [band, to(value)]));

/** A varying value that is the same at every band. */
export function everywhere<T>(bands: Bands, value: T): Varying<T> {
  return { [bands[0]!.id]: value };
}
