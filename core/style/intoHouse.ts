import type { Bands } from '../bands/bands.ts';
import type { Varying } from '../bands/varying.ts';
import type { Command } from '../plan/commands.ts';
import type { Target } from '../plan/target.ts';
import type { StyleElement } from './element.ts';
import { elements } from './elements/index.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { resolve, type Resolved } from './resolve.ts';
import { setOnly, setValues } from './setValues.ts';
import { styleOnPage } from './styleOnPage.ts';
import { takenIn, type Style } from './styleTree.ts';
import { stateKinds, type StateId } from './states.ts';

/** Values that the house has to have of a property of an element, by state, so that it is as the two levels had it. */
function valuesFor(
  levels: readonly [own: Style, house: Style],
  element: StyleElement,
  property: PropertyId,
  bands: Bands,
): ReadonlyMap<StateId, unknown> {
  const values = new Map<StateId, unknown>();
  for (const state of element.states.filter((one) => takenIn(element, one).includes(property))) {
    const found = bands.map(({ id }) => resolve(levels, element, property, state, bands, id));
    const isOwn = found.some(({ from }) => from?.state === state && from.element === element.id);
    // What comes from the element that it takes from has to be said again where a value of its own would come before.
    const isCovered =
      found.some(({ from }) => from && from.element !== element.id) &&
      stateKinds[state].over.some((one) => values.get(one) !== undefined);
    values.set(state, isOwn || isCovered ? inBands(found, property, bands) : undefined);
  }
  return values;
}

function inBands(found: readonly Resolved[], property: PropertyId, bands: Bands): unknown {
  if (!properties[property].varies) return found[0]!.value;
  const values: Record<string, unknown> = {};
  let before: unknown;
  for (const [i, { value, from }] of found.entries()) {
    if (!from || value === before) continue;
    values[bands[i]!.id] = value;
    before = value;
  }
  return values;
}

/**
 * Makes what is set of a shelf or a bay the house's: nothing of it looks otherwise, it only follows the house from then
 * on, as all others do that have set nothing themselves.
 */
export function intoHouse(own: Style, house: Style, on: Target, bands: Bands): Command {
  const touched = setValues(own).flatMap(({ element, property }) =>
    elements
      .filter((one) => (one === element || one.from === element.id) && one.takes.includes(property))
      .map((one) => ({ element: one, property })),
  );
  const commands = touched.flatMap(({ element, property }) =>
    [...valuesFor([own, house], element, property, bands)].map(([state, value]): Command => ({
      do: 'set',
      on: { house: true },
      setting: `style.${element.id}.${state}.${property}`,
      value,
    })),
  );
  return { do: 'together', commands: [...commands, { do: 'set', on, setting: 'style', value: undefined }] };
}

/** The values of a property that varies as they are stored: from bands on, as far as anything is set. */
const fromBands = (value: Varying<unknown>): Varying<unknown> =>
  Object.fromEntries(Object.entries(value).filter(([, one]) => one !== null && one !== undefined));

/** Makes what is set of a page the house's: nothing of the page looks otherwise, and all others look as it does. */
export function pageIntoHouse(own: Style, house: Style, on: Target, bands: Bands): Command {
  const made = setOnly(styleOnPage(house, own, bands));
  const commands = setValues(own).map(({ element, state, property }): Command => {
    const value = made[element.id]![state]![property];
    return {
      do: 'set',
      on: { house: true },
      setting: `style.${element.id}.${state}.${property}`,
      value: properties[property].varies ? fromBands(value as Varying<unknown>) : value,
    };
  });
  return { do: 'together', commands: [...commands, { do: 'set', on, setting: 'style', value: undefined }] };
}
