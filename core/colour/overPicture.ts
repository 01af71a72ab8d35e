import type { Card } from '../card/card.ts';

type Background = Card['text']['background'];

/** How much of what is behind text over a picture hides the picture, 0 to 1; the style sheet draws it by these too. */
export const VEIL_SHARES: Readonly<Record<Background, number>> = { none: 0, light: 0.88, dark: 0.68 };

/**
 * A colour seen through another, 0xrrggbb. Source: Compositing and Blending Level 1, §5.1 (simple alpha compositing).
 * @param share how much the upper one hides, 0 to 1
 */
export function through(upper: number, share: number, under: number): number {
  let seen = 0;
  for (const shift of [16, 8, 0])
    seen |= Math.round(((upper >> shift) & 255) * share + ((under >> shift) & 255) * (1 - share)) << shift;
  return seen;
}

/** A picture's colour as it is behind text with that background, 0xrrggbb. */
export const veiled = (picture: number, background: Background, ground: number): number =>
  through(background === 'dark' ? 0 : ground, VEIL_SHARES[background], picture);
