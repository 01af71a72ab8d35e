/**
 * What stands otherwise with every part of it that comes in is seen once it is whole: while a page is still read, an
 * element is neither the last one of a parent that is whole nor followed by another.
 */
export const onceWhole = (selector: string): string =>
  `${selector}:not(:last-child,:has(~*)){visibility:hidden}`;
