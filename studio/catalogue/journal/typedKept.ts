import type { Entry } from '../../../core/journal/entry.ts';
import { entryTextFault, type EntryBlock } from '../../../core/journal/entryText.ts';
import { same } from '../../../core/settings/same.ts';

type Draft = Entry['draft'];

/** What was typed in an entry and is not known to have reached the store. */
interface Typed {
  is: readonly EntryBlock[];
  /** What the store may have as its draft: as it was known last, and what was sent since. */
  over: readonly Draft[];
}

const keyOf = (whose: string, id: number) => `typed in entry ${id} by ${whose}`;

/** Kept by this browser, so that it outlives the window, whatever becomes of the line. */
export function keepTyped(whose: string, id: number, typed: Typed): void {
  try {
    localStorage.setItem(keyOf(whose, id), JSON.stringify(typed));
  } catch {
    // The browser keeps nothing: what is typed is on its way to the store all the same.
  }
}

export function dropTyped(whose: string, id: number): void {
  try {
    localStorage.removeItem(keyOf(whose, id));
  } catch {
    // Nothing was kept.
  }
}

/** What a window before this one has left; null where nothing is, or where somebody has written something else since. */
export function typedBefore(whose: string, { id, draft }: Entry): readonly EntryBlock[] | null {
  try {
    const { is, over } = JSON.parse(localStorage.getItem(keyOf(whose, id)) ?? 'null') as Typed;
    return entryTextFault(is) === null && over.some((one) => same(one, draft)) ? is : null;
  } catch {
    return null;
  }
}
