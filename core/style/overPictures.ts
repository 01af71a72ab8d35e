import type { Bands } from '../bands/bands.ts';
import type { Card } from '../card/card.ts';
import { hexOf, luminanceOf, ratioOf, rgbOf } from '../colour/contrast.ts';
import { through, veiled } from '../colour/overPicture.ts';
import { darkOf, textOn, WHITE } from '../colour/textOn.ts';
import { coloursOn } from '../css/onDark.ts';
import type { Patch } from '../picture/patches.ts';
import type { HouseColours } from '../plan/house.ts';
import type { StyleElement } from './element.ts';
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
  /** What is drawn over the pictures and under the text. */
  overlay: StyleElement;
}

/** How an overlay is drawn in a state. */
export interface OverlayDrawn {
  kind: Overlay;
  /** 0xrrggbb. */
  colour: number;
  /** 0 to 1, where it is strongest. */
  strength: number;
}

export function overlayIn(
  levels: Levels,
  state: StateId,
  { bands, colours, overlay }: OverDrawn,
): OverlayDrawn {
  const at = (property: 'overlay' | 'overlayColour' | 'opacity') =>
    resolve(levels, overlay, property, state, bands, bands[0]!.id).value;
  return {
    kind: at('overlay') as Overlay,
    colour: rgbOf(colourValue(at('overlayColour') as string, colours)),
    strength: (at('opacity') as number) / 100,
  };
}

/** How much of an overlay there is at the two ends of a patch between which it changes, 0 to 1. */
const SHARES: Readonly<Record<Overlay, (patch: Patch) => readonly number[]>> = {
  none: () => [0],
  plain: () => [1],
  below: ({ top, bottom }) => [top, bottom],
  above: ({ top, bottom }) => [1 - top, 1 - bottom],
  left: ({ left, right }) => [1 - left, 1 - right],
  right: ({ left, right }) => [left, right],
};

/** A gradient is looked at in so many places of a patch, its ends among them. */
const PLACES = 3;

/** What is behind the text over patches of pictures, 0xrrggbb. */
export function groundsOver(
  patches: readonly Patch[],
  { kind, colour, strength }: OverlayDrawn,
  { background, colours }: OverDrawn,
): number[] {
  const ground = rgbOf(colours.ground);
  const seen = new Set<number>();
  for (const patch of patches) {
    const [from, to] = SHARES[kind](patch);
    const places = to === undefined ? 1 : PLACES;
    for (let i = 0; i < places; i += 1) {
      const share = strength * (from! + ((to ?? from!) - from!) * (places > 1 ? i / (places - 1) : 0));
      seen.add(veiled(through(colour, share, patch.dark), background, ground));
      if (patch.light !== patch.dark)
        seen.add(veiled(through(colour, share, patch.light), background, ground));
    }
  }
  return [...seen];
}

const BUCKETS = 128;

/**
 * Those of the backgrounds that decide whether text stands out from all, #rrggbb: contrast goes by luminance alone, so
 * that of many that are about as light the darkest and the lightest are enough.
 */
export function telling(grounds: readonly number[]): string[] {
  const ends = new Map<number, { low: number; high: number }>();
  for (const rgb of grounds) {
    const bucket = Math.floor(luminanceOf(rgb) * BUCKETS);
    const known = ends.get(bucket);
    if (!known) ends.set(bucket, { low: rgb, high: rgb });
    else if (luminanceOf(rgb) < luminanceOf(known.low)) known.low = rgb;
    else if (luminanceOf(rgb) > luminanceOf(known.high)) known.high = rgb;
  }
  return [...new Set([...ends.values()].flatMap(({ low, high }) => [low, high]))].map(hexOf);
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

/** The least contrast of a text, #rrggbb, with what is behind it, 0xrrggbb; 1 to 21. */
export function leastContrast(text: string, grounds: readonly number[]): number {
  const own = luminanceOf(rgbOf(text));
  return grounds.reduce((least, ground) => Math.min(least, ratioOf(own, luminanceOf(ground))), Infinity);
}
