import type { Card } from '../card/card.ts';

type Background = Card['text']['background'];

/** How much of what is behind text over a picture hides the picture, 0 to 1; the style sheet draws it by these too. */
export const VEIL_SHARES: Readonly<Record<Background, number>> = { none: 0, light: 0.88, dark: 0.68 };

const channels = (hex: string): number[] => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));

/**
 * A colour seen through another, #rrggbb. Source: Compositing and Blending Level 1, §5.1 (simple alpha compositing).
 * @param share how much the upper one hides, 0 to 1
 */
export function through(upper: string, share: number, under: string): string {
  const below = channels(under);
  return `#${channels(upper)
    .map((one, i) =>
      Math.round(one * share + below[i]! * (1 - share))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}

/** A picture's colour as it is behind text with that background. */
export const veiled = (picture: string, background: Background, colours: { ground: string }): string =>
  through(background === 'dark' ? '#000000' : colours.ground, VEIL_SHARES[background], picture);
