import { blend, formatHex, parse, wcagContrast } from 'culori/fn';
import type { Card } from '../card/card.ts';
import { textOn } from './textOn.ts';

type Background = Card['text']['background'];

/** How much of what is behind text over a picture hides the picture, 0 to 1; the style sheet draws it by these too. */
export const VEIL_SHARES: Readonly<Record<Background, number>> = { none: 0, light: 0.88, dark: 0.68 };

/** A picture's colour seen through another, #rrggbb. */
function through(veil: string, share: number, picture: string): string {
  const [over, under] = [parse(veil), parse(picture)];
  if (!over || !under) return veil;
  return formatHex(blend([under, { ...over, alpha: share }], 'normal', 'rgb'));
}

/**
 * Contrast (WCAG 2.2) of text over a picture of this colour; all colours #rrggbb.
 * @param behind background of the bay, which texts without a background of their own go by; null for the page's
 */
export function contrastOver(
  picture: string,
  background: Background,
  colours: { ground: string; text: string },
  behind: string | null,
): number {
  const text =
    background === 'dark'
      ? '#ffffff'
      : background === 'light' || behind === null
        ? colours.text
        : textOn(behind, colours);
  const veil = background === 'dark' ? '#000000' : colours.ground;
  return wcagContrast(text, through(veil, VEIL_SHARES[background], picture));
}
