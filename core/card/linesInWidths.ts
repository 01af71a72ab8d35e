/**
 * On how many lines boxes stand that follow each other and go on the next line where they do not fit; at least 1.
 * @param widths of the boxes, px
 */
export function linesInWidths(widths: readonly number[], gapPx: number, widthPx: number): number {
  let lines = 1;
  let used = 0;
  for (const width of widths) {
    const wide = Math.min(width, widthPx);
    if (used > 0 && used + gapPx + wide > widthPx + 0.01) {
      lines += 1;
      used = wide;
    } else used += (used > 0 ? gapPx : 0) + wide;
  }
  return lines;
}
