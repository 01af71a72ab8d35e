/** What parts of cards take their colours from. */
const COLOURS = ['quiet', 'reduced', 'accent', 'line'] as const;

const WHITE = '#ffffff';

/** Declarations for text on a dark background: parts take their colours from these variables. */
export const ON_DARK = 'color:#fff;--quiet:#fff;--reduced:#fff;--accent:#fff;--line:rgb(255 255 255/.4)';

/** The same for text that is on the background of the house again, within something dark. */
export const ON_GROUND = `color:var(--text);${COLOURS.map((name) => `--${name}:var(--own-${name})`).join(';')}`;

/** The colours of the house under names that nothing else takes. */
export const ownColours = (colours: Readonly<Record<(typeof COLOURS)[number], string>>): [string, string][] =>
  COLOURS.map((name) => [`own-${name}`, colours[name]]);

/** What the colours of the house come to on a dark background, #rrggbb; a button turns round. */
export const coloursOnDark = <
  C extends Readonly<Record<(typeof COLOURS)[number] | 'text' | 'onAccent', string>>,
>(
  colours: C,
): C => ({ ...colours, quiet: WHITE, reduced: WHITE, accent: WHITE, onAccent: colours.text });
