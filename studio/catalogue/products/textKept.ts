/** A text that was typed and is not saved yet, with the one that it was typed over. */
interface Typed {
  is: string;
  over: string;
}

const isTyped = (value: unknown): value is Typed =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as Typed).is === 'string' &&
  typeof (value as Typed).over === 'string';

/** Kept by this browser, so that it outlives the window; null drops it. */
export function keepText(key: string, typed: Typed | null): void {
  try {
    if (typed === null) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(typed));
  } catch {
    // The browser keeps nothing: what is typed stays in its field as long as that is open.
  }
}

/** What was typed over a text and not saved; null where nothing was, or where it is another text by now. */
export function keptText(key: string, over: string): string | null {
  try {
    const typed: unknown = JSON.parse(localStorage.getItem(key) ?? 'null');
    return isTyped(typed) && typed.over === over ? typed.is : null;
  } catch {
    return null;
  }
}
