import type { Assortment } from '../assortment/assortment.ts';
import type { BayBase } from '../plan/bay.ts';
import type { Shelf } from '../plan/shelf.ts';
import type { Names, Sentence } from '../sentence/sentence.ts';
import type { LineId } from '../settings/setting.ts';

/** What a line of the spec reads: the bay, and the shelf that is chosen of it. */
export interface LineInput {
  bay: BayBase & { readonly [key: string]: unknown };
  shelf: Shelf | null;
  /** What the shelf shows, its own or a saved one. */
  assortment: Assortment | null;
  names: Names;
  /** How many match now; null while that is being counted. */
  total: number | null;
}

/** One line of the spec: a name, and a sentence whose pieces open the settings that they tell of. */
export interface Line {
  id: LineId;
  name: string;
  say(input: LineInput): Sentence;
}

/** A line about a shelf. */
export const ofShelf =
  (say: (shelf: Shelf, input: LineInput) => Sentence) =>
  (input: LineInput): Sentence =>
    input.shelf ? say(input.shelf, input) : ['No shelf is chosen'];
