import type { SwatchFace } from '../swatch/swatchFace.ts';
import type { ToolSpan } from './toolSpan.ts';

/** A value of a filter that can be followed. */
export interface ToolValue {
  id: string;
  words: string;
  /** How many there would be; null where it is chosen, and following it takes it off. */
  count: number | null;
  /** What it adds to the values that are chosen already; null where none are, or it replaces them. */
  adds: number | null;
  chosen: boolean;
  /** Null where it would find nothing. */
  href: string | null;
  /** How deep in a tree. */
  depth: number;
  /** What stands for it beside its name, or instead of it. */
  face: SwatchFace;
}

export interface ToolFilter {
  id: string;
  /** The parameter that it is chosen by. */
  name: string;
  words: string;
  /** As a list, a tree, swatches, one box to tick, or fields for a span. */
  drawn: 'list' | 'tree' | 'swatches' | 'box' | 'span';
  values: readonly ToolValue[];
  span: ToolSpan | null;
  /** How many of its values are chosen. */
  chosen: number;
}

/** What is on the menu of a filter. */
export const menuWords = (words: string, chosen: number): string =>
  chosen > 0 ? `${words} (${chosen})` : words;

/** Swatches take so much less room. */
const SWATCHES_TO_A_VALUE = 2;

/** Values that are shown at first, what is chosen and what is below it among them, and those behind a button for more. */
export function unfolded(
  { values, drawn }: Pick<ToolFilter, 'values' | 'drawn'>,
  most: number,
): [ToolValue[], ToolValue[]] {
  const shown = drawn === 'swatches' ? SWATCHES_TO_A_VALUE * most : most;
  const first = values.filter((value, i) => i < shown || value.chosen || value.depth > 0);
  const rest = values.filter((value) => !first.includes(value));
  // A button for one more takes the room of that one.
  return rest.length > 1 ? [first, rest] : [[...values], []];
}
