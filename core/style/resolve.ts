import type { Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import type { StyleElement } from './element.ts';
import { styleElement } from './elements/index.ts';
import { pageElement } from './elements/page.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { STATES, stateKinds, type StateId } from './states.ts';
import { setOnly } from './setValues.ts';
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

const chains = new Map<StyleElement, readonly StyleElement[]>();

/** An element and those that it takes from, the nearest first. */
function chainOf(element: StyleElement): readonly StyleElement[] {
  let chain = chains.get(element);
  if (!chain) {
    chain = [element, ...(element.from === undefined ? [] : chainOf(styleElement(element.from)))];
    chains.set(element, chain);
  }
  return chain;
}

/** States that hold in one, the nearest first. */
const holding: ReadonlyMap<StateId, readonly StateId[]> = new Map(
  STATES.map((state) => [state, [state, ...stateKinds[state].over]]),
);

/** What an element stands in. */
const within = (element: StyleElement): StyleElement =>
  element.within === undefined ? pageElement : styleElement(element.within);

/** What is set of a property in a state; null where nothing is. */
function valueOf(
  states: NonNullable<Style[string]>,
  state: StateId,
  property: PropertyId,
  bands: Bands,
  bandId: string,
): unknown {
  const value = states[state]?.[property];
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
  const states = holding.get(state)!;
  for (let level = 0; level < levels.length; level += 1) {
    const style = setOnly(levels[level]!);
    for (const { id } of chain) {
      const set = style[id];
      if (!set) continue;
      for (const at of states) {
        const value = valueOf(set, at, property, bands, bandId);
        if (value !== null && value !== undefined) return { value, from: { level, element: id, state: at } };
      }
    }
  }
  if (properties[property].inherits && element !== pageElement)
    return resolve(levels, within(element), property, 'rest', bands, bandId);
  const first = chain.find(({ atFirst }) => property in atFirst);
  return { value: first?.atFirst[property], from: null };
}

/** The same at rest, as far as anybody set it: null for what the base sheet has. */
export function styledAt<V>(
  levels: Levels,
  element: StyleElement,
  property: PropertyId,
  bands: Bands,
  bandId: string,
): V | null {
  const { value, from } = resolve(levels, element, property, 'rest', bands, bandId);
  return from && (value as V);
}
