import type { FaceId } from '../text/faces.ts';

/** The frame of a button around its text, px. */
export interface ButtonBox {
  /** Space above and below the text, each. */
  acrossPx: number;
  /** Space before and after it, each. */
  endsPx: number;
  borderPx: number;
  /** The same above and below, each, where that is another. */
  borderAcrossPx?: number;
}

/** Of its border above and below, each, px. */
export const borderAcross = ({ borderPx, borderAcrossPx = borderPx }: ButtonBox): number => borderAcrossPx;

/** What a text is set in, as it is drawn; the style sheet is written from these figures, and it is measured by them. */
export interface TextSize {
  fontPx: number;
  linePx: number;
  weight: number;
  /** Added after every character, em; 0 where absent. */
  spacingEm?: number;
  /** Added after every space between words, em; 0 where absent. */
  wordEm?: number;
  /** What it is set in; the first face where absent. */
  face?: FaceId;
  /** The widths of its face are not here yet, and so it is measured by what stands in for them. */
  waits?: true;
  /** In capitals. */
  upper?: boolean;
  /** What a part of it is set in that is made prominent, where that is set: of a price, what it is now that it is reduced. */
  prominent?: { fontPx: number; weight: number };
  /** Of a button. */
  box?: ButtonBox;
}
