import type { Bands } from '../bands/bands.ts';
import type { Style } from './styleTree.ts';

const known = new WeakMap<object, { bands: Bands; made: Style }>();

/**
 * The complete style of what is stored: the very same as long as that and the bands are, whatever else of its document
 * was changed, so that what was measured by it stays.
 */
export function keptStyle(stored: object | undefined, bands: Bands, made: Style): Style {
  if (!stored) return made;
  let found = known.get(stored);
  if (found?.bands !== bands) known.set(stored, (found = { bands, made }));
  return found.made;
}
