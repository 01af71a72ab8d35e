/** Something that stands beside others, px. */
export interface Box {
  widthPx: number;
  heightPx: number;
}

/**
 * The heights of the rows in which boxes stand that follow each other and go on the next row where they do not fit, px;
 * none where there are no boxes. One that is wider than a row has one of its own.
 */
export function rowsOfBoxes(boxes: readonly Box[], gapPx: number, widthPx: number): number[] {
  const rows: number[] = [];
  let used = Infinity;
  for (const box of boxes) {
    const wide = Math.min(box.widthPx, widthPx);
    if (used + gapPx + wide > widthPx + 0.01) {
      rows.push(box.heightPx);
      used = wide;
    } else {
      rows.push(Math.max(rows.pop()!, box.heightPx));
      used += gapPx + wide;
    }
  }
  return rows;
}
