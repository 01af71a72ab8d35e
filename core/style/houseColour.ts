import { COLOUR } from '../colour/colourSchema.ts';
import { string } from '../schema/schema.ts';
import type { ValueKind } from '../settings/valueKind.ts';
import { cssColour } from '../css/written.ts';

/** The colours of the house by the names under which values can follow them. */
export const HOUSE_COLOURS = {
  ground: 'Page background',
  card: 'Card background',
  text: 'Text',
  quiet: 'Quiet text',
  accent: 'Accent',
  onAccent: 'On accent',
  reduced: 'Reduced',
  line: 'Line',
} as const;
export type HouseColour = keyof typeof HOUSE_COLOURS;
export const HOUSE_COLOUR_IDS = Object.keys(HOUSE_COLOURS) as HouseColour[];

export const isHouseColour = (value: string): value is HouseColour => Object.hasOwn(HOUSE_COLOURS, value);

const schema = string()
  .test(
    'colour',
    'A colour is one of the store, or written #rrggbb.',
    (value) => value === undefined || isHouseColour(value) || COLOUR.test(value),
  )
  .required();

/** As it reads in a sentence. */
export const sayColour = (value: string): string =>
  isHouseColour(value) ? HOUSE_COLOURS[value].toLowerCase() : value;

/** A colour of the house by its name, which it follows, or any other as #rrggbb. */
export const houseColour = (): ValueKind<string> => ({
  schema,
  say: sayColour,
  control: { is: 'colour', none: null, named: true },
});

/** As a style sheet has it. */
export const colourCss = (value: string): string =>
  isHouseColour(value) ? `var(--${value})` : cssColour(value);

/** What it comes to with the colours of a house, #rrggbb. */
export const colourValue = (value: string, colours: Readonly<Record<HouseColour, string>>): string =>
  isHouseColour(value) ? colours[value] : value;
