/** Declarations for text on a dark background: parts take their colours from these variables. */
export const ON_DARK = 'color:#fff;--quiet:#fff;--reduced:#fff;--accent:#fff;--line:rgb(255 255 255/.4)';
