import { textLines, textWidth, type TextStyle } from '../text/measure.ts';
import { storeFace } from '../text/storeFace.ts';
import type { TextSize } from './partKind.ts';

/** Space between the parts of a card, px. */
export const PART_GAP_PX = 5;
/** Space between parts on one line, px. */
export const SHARED_GAP_PX = 8;
/** The most of a line that a part takes which shares it, percent. */
export const SHARED_MOST = 60;

const styleOf = ({ fontPx, weight }: TextSize): TextStyle => ({ face: storeFace, sizePx: fontPx, weight });

/** On how many lines a text of a card is set, at least 1. */
export const linesOf = (text: string, size: TextSize, widthPx: number): number =>
  textLines(text, styleOf(size), widthPx).lines;

/** Width of a text of a card on one line, px. */
export const widthOf = (text: string, size: TextSize): number => textWidth(text, styleOf(size)).px;
