/** How a card is wrapped at one width, px. */
interface Wrapped {
  /** Space within its frame, each side. */
  insidePx: number;
  /** What its border takes of each side: above and below, and at the ends. */
  border: { acrossPx: number; endsPx: number };
}

/** What of a card's width its picture and texts do not have, px. */
export const cardSides = ({ insidePx, border }: Wrapped): number => 2 * (insidePx + border.endsPx);

/** What of a card's height they do not have, px. */
export const cardEnds = ({ insidePx, border }: Wrapped): number => 2 * (insidePx + border.acrossPx);
