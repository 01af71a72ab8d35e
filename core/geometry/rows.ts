/** How `count` items stand in rows of `across`; no items, no rows (calculations §2). */
export interface Rows {
  rows: number;
  /** Items in the last row, 0 when there are none. */
  last: number;
  /** Every row that there is has `across` items. */
  full: boolean;
}

export function rowsOf(count: number, across: number): Rows {
  const rows = Math.ceil(count / across);
  const last = rows === 0 ? 0 : count - across * (rows - 1);
  return { rows, last, full: rows === 0 || last === across };
}

/** Width of one card, px: what the gaps leave, shared evenly. */
export function cardWidth(innerPx: number, across: number, gapPx: number): number {
  return Math.max(0, (innerPx - gapPx * (across - 1)) / across);
}

/** How many cards of at least `smallestPx` stand side by side; never fewer than one. */
export function acrossBySmallest(innerPx: number, smallestPx: number, gapPx: number): number {
  return Math.max(1, Math.floor((innerPx + gapPx) / (smallestPx + gapPx)));
}
