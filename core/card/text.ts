import { textLines, textWidth, type TextStyle } from '../text/measure.ts';
import { faceOf, FIRST_FACE } from '../text/faces.ts';
import type { TextSize } from './textSize.ts';

/** Space between the parts of a card, px. */
export const PART_GAP_PX = 5;
/** Space between parts on one line, px. */
export const SHARED_GAP_PX = 8;
/** The least of a shared line that is kept for its first part, percent; what does not fit beside it goes on the next. */
export const FIRST_LEAST = 40;

const styleOf = ({ fontPx, weight, spacingEm = 0, wordEm = 0, face = FIRST_FACE }: TextSize): TextStyle => ({
  face: faceOf(face),
  sizePx: fontPx,
  weight,
  spacingPx: spacingEm * fontPx,
  ...(wordEm !== 0 && { wordPx: wordEm * fontPx }),
});

/** As it is drawn. */
const drawn = (text: string, { upper }: TextSize): string => (upper ? text.toUpperCase() : text);

/** On how many lines a text of a card is set, at least 1. */
export const linesOf = (text: string, size: TextSize, widthPx: number): number =>
  textLines(drawn(text, size), styleOf(size), widthPx).lines;

/** How wide the widest line of a text is in this width, px. */
export const widestOf = (text: string, size: TextSize, widthPx: number): number =>
  textLines(drawn(text, size), styleOf(size), widthPx).widestPx;

/** The least width in which a text has no more lines than in this one, px: that of text that is balanced. */
export function balancedPx(text: string, size: TextSize, widthPx: number): number {
  const lines = linesOf(text, size, widthPx);
  let [least, most] = [0, widthPx];
  while (most - least > 1) {
    const middle = (least + most) / 2;
    if (linesOf(text, size, middle) > lines) least = middle;
    else most = middle;
  }
  return most;
}

/** Width of a text of a card on one line, px. */
export const widthOf = (text: string, size: TextSize): number =>
  textWidth(drawn(text, size), styleOf(size)).px;

/** Width of the space between two words, px. */
export const spaceOf = (size: TextSize): number => widthOf('n n', size) - 2 * widthOf('n', size);

/**
 * From the top of a text of a card to the baseline of its first line, px, as a browser has it: extents of the face in
 * whole px, and half of what a line is higher than they are above it.
 */
export function baselineOf({ fontPx, linePx, face = FIRST_FACE }: TextSize): number {
  const { ascent, descent, upem } = faceOf(face);
  const [above, below] = [ascent, descent].map((units) => Math.round((units * fontPx) / upem));
  return above! + Math.floor((linePx - above! - below!) / 2);
}
