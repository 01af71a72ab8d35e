import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import type { StyleElement } from './element.ts';
import { styleElement } from './elements/index.ts';
import { pageElement } from './elements/page.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { stateKinds, type StateId } from './states.ts';
import type { Style } from './styleTree.ts';

/** The styles that reach an element, the nearest first: of the shelf or bay that it is on, and of the house. */
export type Levels = readonly Style[];

/** Where a value comes from: which of the levels, which element on it, and which state. */
export interface Source {
  /** Place among the levels. */
  level: number;
  element: string;
  state: StateId;
}

export interface Resolved {
  value: unknown;
  /** Null for what the base sheet has. */
  from: Source | null;
}

/** An element and those that it takes from, the nearest first. */
function chainOf(element: StyleElement): StyleElement[] {
  const chain = [element];
  for (let at = element; at.from !== undefined;) {
    at = styleElement(at.from);
    chain.push(at);
  }
  return chain;
}

/** What an element stands in. */
const within = (element: StyleElement): StyleElement =>
  element.within === undefined ? pageElement : styleElement(element.within);

function valueOf(
  style: Style,
  element: string,
  state: StateId,
  property: PropertyId,
  bands: Bands,
  bandId: string,
): unknown {
  const value = style[element]?.[state]?.[property];
  if (value === null || value === undefined) return null;
  return properties[property].varies ? valueAt(value as Varying<unknown>, bands, bandId) : value;
}

/**
 * What a property of an element comes to in a state at a band. The nearest level that sets it in a state that holds
 * answers; within a level the element before those that it takes from, and the state before those that it comes over.
 * Undefined where nothing is set and the base sheet has no single value.
 */
export function resolve(
  levels: Levels,
  element: StyleElement,
  property: PropertyId,
  state: StateId,
  bands: Bands,
  bandId: string,
): Resolved {
  const chain = chainOf(element);
  const states: readonly StateId[] = [state, ...stateKinds[state].over];
  for (const [level, style] of levels.entries())
    for (const one of chain)
      for (const at of states) {
        const value = valueOf(style, one.id, at, property, bands, bandId);
        if (value !== null && value !== undefined)
          return { value, from: { level, element: one.id, state: at } };
      }
  if (properties[property].inherits && element !== pageElement)
    return resolve(levels, within(element), property, 'rest', bands, bandId);
  const first = chain.find(({ atFirst }) => property in atFirst);
  return { value: first?.atFirst[property], from: null };
}
