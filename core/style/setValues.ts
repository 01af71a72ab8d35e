import type { StyleElement } from './element.ts';
import type { PropertyId } from './properties/index.ts';
import type { StateId } from './states.ts';
import { elements } from './elements/index.ts';
import { properties } from './properties/index.ts';
import { takenIn, type Style } from './styleTree.ts';

/** One value that is set: of a property that varies by width, from bands on; null below the first of them. */
export interface SetValue {
  element: StyleElement;
  state: StateId;
  property: PropertyId;
  value: unknown;
}

/** A style with other values in the place of its own; what is not touched is the very same. */
export function withValues(style: Style, values: readonly SetValue[]): Style {
  const made: Record<string, Record<string, Record<string, unknown>>> = { ...style };
  for (const { element, state, property, value } of values)
    made[element.id] = {
      ...made[element.id],
      [state]: { ...made[element.id]?.[state], [property]: value },
    };
  return made;
}

const known = new WeakMap<Style, readonly SetValue[]>();

const isSet = (property: PropertyId, value: unknown): boolean =>
  properties[property].varies
    ? Object.values(value ?? {}).some((one) => one !== null)
    : value !== null && value !== undefined;

const only = new WeakMap<Style, Style>();

/** A style with nothing but what it sets. */
export function setOnly(style: Style): Style {
  let found = only.get(style);
  if (!found) {
    const made: Record<string, Record<string, Record<string, unknown>>> = {};
    for (const { element, state, property, value } of setValues(style))
      ((made[element.id] ??= {})[state] ??= {})[property] = value;
    only.set(style, (found = made));
  }
  return found;
}

/** Everything that a style sets, by element, state and property in the order in which they are listed. */
export function setValues(style: Style): readonly SetValue[] {
  let found = known.get(style);
  if (!found) {
    found = elements.flatMap((element) => {
      const ofElement = style[element.id];
      if (!ofElement) return [];
      return element.states.flatMap((state) =>
        takenIn(element, state).flatMap((property): SetValue[] => {
          const value = ofElement[state]?.[property];
          return isSet(property, value) ? [{ element, state, property, value }] : [];
        }),
      );
    });
    known.set(style, found);
  }
  return found;
}
