/** What the store takes of a picture. */
export const MOST_PICTURE_BYTES = 20 * 1024 * 1024;
/** px a side, and px in all. */
export const LONGEST_PICTURE_SIDE = 20_000;
export const MOST_PICTURE_PIXELS = 100_000_000;

/** Kinds that are taken: what a browser calls them, and what people do. */
export const PICTURE_KINDS: Readonly<Record<string, string>> = {
  'image/jpeg': 'JPEG',
  'image/png': 'PNG',
  'image/webp': 'WebP',
  'image/avif': 'AVIF',
  'image/gif': 'GIF',
  'image/svg+xml': 'SVG',
};

export const SAID_PICTURE_KINDS = 'JPEG, PNG, WebP, AVIF, GIF or SVG';

/** Characters at most. */
export const LONGEST_PICTURE_NAME = 120;
export const LONGEST_ALT = 300;

/** So many pictures of a product can be flicked through on a card. */
export const MOST_PICTURES = 6;
/** Pictures that one product has. */
export const MOST_OF_PRODUCT = 12;
