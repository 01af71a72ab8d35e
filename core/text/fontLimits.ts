/** What the store takes of a font file. */
export const MOST_FONT_BYTES = 10 * 1024 * 1024;

export const SAID_FONT_KINDS = 'WOFF2, TTF or OTF';

/** Endings of files that are offered to be chosen. */
export const FONT_ENDINGS: readonly string[] = [
  '.woff2',
  '.ttf',
  '.otf',
  'font/woff2',
  'font/ttf',
  'font/otf',
];

/** Families of one store at most, and files of one family. */
export const MOST_OWN_FAMILIES = 30;
export const MOST_FONTS_OF_FAMILY = 24;
