import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { contrast } from '../colour/contrast.ts';
import { through, veiled } from '../colour/overPicture.ts';
import { darkOf, textOn, WHITE } from '../colour/textOn.ts';
import { coloursOn } from '../css/onDark.ts';
import type { HouseColours } from '../plan/house.ts';
import type { StyleElement } from './element.ts';
import { overlayElement } from './elements/overPictures.ts';
import { colourValue } from './houseColour.ts';
import type { Overlay } from './properties/overlay.ts';
import { resolve, type Levels } from './resolve.ts';
import type { StateId } from './states.ts';

/** Pictures with text over them. */
export interface OverDrawn {
  bands: Bands;
  colours: HouseColours;
  /** Background of the bay, #rrggbb; null for the page's. */
  behind: string | null;
  /** Behind the text. */
  background: Card['text']['background'];
  /** How far up the pictures the text reaches at most, 0 to 1. */
  reach: number;
  /** The colour that most of each is of, #rrggbb. */
  pictures: readonly string[];
}

/** How much of an overlay there is where it is weakest behind the text, 0 to 1: text begins at the lower end. */
const WEAKEST: Readonly<Record<Overlay, (reach: number) => number>> = {
  none: () => 0,
  plain: () => 1,
  below: (reach) => 1 - Math.min(1, reach),
  above: () => 0,
  left: () => 0,
  right: () => 0,
};

/** A gradient is looked at in so many places, its ends among them. */
const PLACES = 5;

/** What is behind the text over each picture in a state, #rrggbb. */
export function groundsOver(levels: Levels, state: StateId, drawn: OverDrawn): string[] {
  const { bands, colours, background, pictures, reach } = drawn;
  const at = (property: 'overlay' | 'overlayColour' | 'opacity') =>
    resolve(levels, overlayElement, property, state, bands, bands[0]!.id).value;
  const colour = colourValue(at('overlayColour') as string, colours);
  const weakest = WEAKEST[at('overlay') as Overlay](reach) * ((at('opacity') as number) / 100);
  const strongest = at('overlay') === 'none' ? 0 : (at('opacity') as number) / 100;
  // Text may be on any of it between the two.
  const shares = Array.from(
    { length: PLACES },
    (_, i) => weakest + ((strongest - weakest) * i) / (PLACES - 1),
  );
  return pictures.flatMap((picture) =>
    [...new Set(shares)].map((share) => veiled(through(colour, share, picture), background, colours)),
  );
}

/** The colour of an element's text over a picture in a state, #rrggbb; null where it has none. */
export function textOver(
  levels: Levels,
  element: StyleElement,
  state: StateId,
  { bands, colours, behind, background }: OverDrawn,
): string | null {
  if (!element.takes.includes('textColour')) return null;
  const { value, from } = resolve(levels, element, 'textColour', state, bands, bands[0]!.id);
  if (typeof value !== 'string') return null;
  // A dark background turns everything white (onDark.ts); on a light one texts have the colours of the house again.
  const isOnDark = background === 'dark';
  const around = isOnDark
    ? { ...colours, quiet: WHITE, reduced: WHITE, accent: WHITE, onAccent: darkOf(colours) }
    : coloursOn(background === 'light' ? null : behind, colours);
  // Text that nobody set a colour of goes by what is behind it.
  const inherits = from === null && value === 'text';
  const given = isOnDark ? WHITE : behind !== null && background === 'none' ? textOn(behind, colours) : null;
  return inherits && given !== null ? given : colourValue(value, around);
}

/** The least contrast of a text with what is behind it, 1 to 21. */
export const leastContrast = (text: string, grounds: readonly string[]): number =>
  Math.min(...grounds.map((ground) => contrast(text, ground)));
