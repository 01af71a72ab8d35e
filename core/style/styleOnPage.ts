import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { properties } from './properties/index.ts';
import { setValues } from './setValues.ts';
import type { Style } from './styleTree.ts';

const known = new WeakMap<Style, WeakMap<Style, { bands: Bands; made: Style }>>();

/** At each width what is set there, and else what is set for the store. */
const atEveryBand = (own: Varying<unknown>, house: unknown, bands: Bands): Varying<unknown> =>
  Object.fromEntries(
    bands.map(({ id }) => [
      id,
      valueAt(own, bands, id) ?? valueAt((house ?? {}) as Varying<unknown>, bands, id),
    ]),
  );

/**
 * What is styled of all that stands on a page: each value that is set for the page in the place of that of the house.
 * The very same style where none is; the very same result as long as both styles and the bands are the same.
 */
export function styleOnPage(house: Style, page: Style, bands: Bands): Style {
  const own = setValues(page);
  if (own.length === 0) return house;
  let ofHouse = known.get(house);
  if (!ofHouse) known.set(house, (ofHouse = new WeakMap()));
  const before = ofHouse.get(page);
  if (before?.bands === bands) return before.made;
  const made: Record<string, Record<string, Record<string, unknown>>> = { ...house };
  for (const { element, state, property, value } of own) {
    const states = (made[element.id] = { ...made[element.id] });
    const values = (states[state] = { ...states[state] });
    values[property] = properties[property].varies
      ? atEveryBand(value as Varying<unknown>, values[property], bands)
      : value;
  }
  ofHouse.set(page, { bands, made });
  return made;
}
