/**
 * The only ways in which words of a store get into a style sheet: whatever they are, they stay what they are meant as,
 * a name or a value, and end nothing. Documents are checked when they are saved; this holds where a check is missing.
 * Source: CSS Syntax Module Level 3, §4.3.7 (escaped code points); CSSOM, §2.1 (serialising).
 */

const escaped = (text: string, safe: RegExp): string =>
  text.replace(safe, (character) => `\\${character.codePointAt(0)!.toString(16)} `);

/** What follows a dot or "part-" in a selector. */
export const cssName = (text: string): string => escaped(text, /[^\w-]/gu);

/** A string with its quotes. */
export const cssString = (text: string): string => `"${escaped(text, /[^\w \-.:]/gu)}"`;

/** Where a bay, a shelf or a list with its tools is drawn. */
export const scopeOf = (what: 'bay' | 'shelf' | 'listing', id: string): string =>
  `[data-${what}=${cssString(id)}]`;

/** A colour; what is none is no value, so that the one before it holds. */
export const cssColour = (text: string): string =>
  /^(#[\da-f]{3,8}|[a-z]+|[a-z]+\([\w\s.,%/+-]*\))$/i.test(text) ? text : 'unset';

/** A style sheet that cannot end the element it stands in. */
export const insideStyle = (css: string): string => css.replaceAll('</', '<\\/');
