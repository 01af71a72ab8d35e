import { darkOf, textOn, WHITE } from '../colour/textOn.ts';
import { colourCss } from '../style/houseColour.ts';
import { cssColour } from './written.ts';

/** What parts of cards and buttons take their colours from. */
const COLOURS = ['quiet', 'reduced', 'accent', 'line', 'onAccent'] as const;
type Colours = Readonly<Record<(typeof COLOURS)[number] | 'text' | 'ground', string>>;

/** A colour as it is on the background of the page, wherever that is drawn which has it. */
export const asOnPage = (colour: string): string =>
  COLOURS.some((name) => name === colour) ? `var(--own-${colour})` : colourCss(colour);

/** Declarations with which everything is drawn in one colour, and a button turns round. */
const turned = (text: string, other: string, line: string): string =>
  `color:${text};--quiet:${text};--reduced:${text};--accent:${text};--line:${line};--onAccent:${other}`;

/** Declarations for what is on a dark background. */
export const ON_DARK = turned('#fff', 'var(--dark)', 'rgb(255 255 255/.4)');

/** The same on a light one, where the text of the house is light. */
const ON_LIGHT = turned('var(--dark)', '#fff', 'rgb(0 0 0/.3)');

/** The same for what is on the background of the house again, within something else. */
export const ON_GROUND = `color:var(--text);${COLOURS.map((name) => `--${name}:var(--own-${name})`).join(';')}`;

/** Colours of the house under names that nothing else takes, and the one that is written on light backgrounds. */
export const ownColours = (colours: Colours): [string, string][] => [
  ...COLOURS.map((name): [string, string] => [`own-${name}`, colours[name]]),
  ['dark', darkOf(colours)],
];

/** Declarations for what is on a background of any colour, #rrggbb. */
export function groundCss(ground: string, colours: Colours): string {
  const text = textOn(ground, colours);
  if (text === colours.text) return `color:${cssColour(text)}`;
  return text === WHITE ? ON_DARK : ON_LIGHT;
}

/** What the colours of the house come to there, #rrggbb; null for the background of the page. */
export function coloursOn<C extends Colours>(ground: string | null, colours: C): C {
  const text = ground === null ? colours.text : textOn(ground, colours);
  if (text === colours.text) return colours;
  const other = text === WHITE ? darkOf(colours) : WHITE;
  return { ...colours, quiet: text, reduced: text, accent: text, onAccent: other };
}
