import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { properties } from './properties/index.ts';
import { setValues, withValues } from './setValues.ts';
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
  let over = known.get(house);
  if (!over) known.set(house, (over = new WeakMap()));
  const before = over.get(page);
  if (before?.bands === bands) return before.made;
  const made = withValues(
    house,
    own.map((one) => {
      const { element, state, property, value } = one;
      if (!properties[property].varies) return one;
      const ofHouse = house[element.id]?.[state]?.[property];
      return { ...one, value: atEveryBand(value as Varying<unknown>, ofHouse, bands) };
    }),
  );
  over.set(page, { bands, made });
  return made;
}
