import { same } from '../../core/settings/same.ts';

/** What was typed and is not known to have reached the store. */
interface Typed {
  is: unknown;
  /** What the store may have in its place: as it was known last, and what was sent since. */
  over: readonly unknown[];
}

/** Kept by this browser, so that it outlives the window, whatever becomes of the line. @param key what it is of, and whose */
export function keepTyped(key: string, typed: Typed): void {
  try {
    localStorage.setItem(key, JSON.stringify(typed));
  } catch {
    // The browser keeps nothing: what is typed stays where it was typed as long as that is open.
  }
}

export function dropTyped(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // Nothing was kept.
  }
}

/**
 * What a window before this one has left; null where nothing is, or where somebody has written something else since.
 * @param now what the store has
 */
export function typedBefore<T>(key: string, now: unknown, fits: (is: unknown) => is is T): T | null {
  try {
    const { is, over } = JSON.parse(localStorage.getItem(key) ?? 'null') as Typed;
    return fits(is) && over.some((one) => same(one, now)) ? is : null;
  } catch {
    return null;
  }
}
