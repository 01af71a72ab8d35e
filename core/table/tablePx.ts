/** Measures of a table, px, by which it is drawn and reckoned. */
export const TABLE_PX = {
  /** Space at the ends of a cell, each. */
  ends: 10,
  /** Space above and below what is in a cell, each, by how high rows are. */
  across: { roomy: 14, normal: 8, dense: 4 },
  /** The line between two rows, or two columns. */
  line: 1,
  /** Between a title and the lines under it. */
  under: 4,
  /** Between what stands side by side under a title. */
  between: 12,
  /** Between a name and its value there. */
  name: 4,
  /** A line of what stands above or below, and the space to the table. */
  bar: 42,
  barGap: 12,
  caption: 8,
};

export const HEAD_TEXT = { fontPx: 13, linePx: 18, weight: 620 };
export const UNDER_TEXT = { fontPx: 13, linePx: 18, weight: 400 };
export const CAPTION_TEXT = { fontPx: 17, linePx: 24, weight: 560 };
/** The sign beside the heading of a column that rows are sorted by. */
export const SORTED_PX = 14;
