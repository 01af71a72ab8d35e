/** Size, height of a line and weight of a text, px; the style sheet is written from them, and it is measured by them. */
export interface TextSize {
  fontPx: number;
  linePx: number;
  weight: number;
}
