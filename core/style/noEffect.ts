import type { Bands } from '../bands/bands.ts';
import type { StyleElement } from './element.ts';
import { properties, type PropertyId } from './properties/index.ts';
import { resolve, type Levels } from './resolve.ts';
import { stateKinds, type StateId } from './states.ts';

/**
 * Why a property of an element changes nothing in a state now; null where it does, or where that is not known. It is
 * looked at in every state in which its value may hold, at every width.
 */
export function noEffect(
  levels: Levels,
  element: StyleElement,
  property: PropertyId,
  state: StateId,
  bands: Bands,
): string | null {
  const { needs } = properties[property];
  if (!needs) return null;
  const needed = needs.property as PropertyId;
  if (!element.takes.includes(needed)) return null;
  const holdsIn = element.states.filter((one) => one === state || stateKinds[one].over.includes(state));
  const isMissing = holdsIn.every((one) =>
    bands.every(({ id }) => resolve(levels, element, needed, one, bands, id).value === needs.not),
  );
  return isMissing ? needs.because : null;
}
