/** What decides how wide a column of a table is, and when it leaves (calculations §22). */
export interface FitColumn {
  /** Weight by which it takes of what the smallest widths leave. */
  share: number;
  /** Smallest width, px, with the space within its cells. */
  least: number;
  /** Its place in the order in which columns leave, the lowest first, equal ones together; absent for one that stays. */
  leaves?: number | undefined;
}

/** Which columns a table has at a width, and which have left for the second line. */
export interface TableFit<C extends FitColumn> {
  stay: C[];
  left: C[];
}

const leastOf = (columns: readonly FitColumn[]): number => columns.reduce((sum, { least }) => sum + least, 0);

/** Columns that leave together, in the order in which they leave. */
const leaving = <C extends FitColumn>(columns: readonly C[]): C[][] =>
  [...new Set(columns.flatMap(({ leaves }) => leaves ?? []))]
    .sort((a, b) => a - b)
    .map((place) => columns.filter(({ leaves }) => leaves === place));

/** Leaves columns out, the first to leave first, until the others have their smallest widths. @param innerPx of the table */
export function fitColumns<C extends FitColumn>(columns: readonly C[], innerPx: number): TableFit<C> {
  const gone = new Set<C>();
  let leastPx = leastOf(columns);
  for (const together of leaving(columns)) {
    if (leastPx <= innerPx) break;
    for (const column of together) gone.add(column);
    leastPx -= leastOf(together);
  }
  return { stay: columns.filter((one) => !gone.has(one)), left: columns.filter((one) => gone.has(one)) };
}

/** Widths of a table, px, from which on it has more of its columns; the least is that of all that stay. Ascending. */
export function fitWidths(columns: readonly FitColumn[]): number[] {
  const widths = [leastOf(columns)];
  for (const together of leaving(columns)) widths.unshift(widths[0]! - leastOf(together));
  return widths;
}

/** A width that grows with that of the table: so many px, and a share of it. */
export interface GrowingWidth {
  px: number;
  /** Of 1. */
  share: number;
}

/**
 * How wide each column is: its smallest width, and of the rest by weight; where nothing has a weight, all alike.
 * Columns that have not even their smallest widths are as wide as those are to each other.
 * @param isNarrow the table is narrower than the smallest widths together
 */
export function columnWidths(columns: readonly FitColumn[], isNarrow: boolean): GrowingWidth[] {
  const least = leastOf(columns);
  if (isNarrow) return columns.map((column) => ({ px: 0, share: column.least / least }));
  const weights = columns.reduce((sum, { share }) => sum + share, 0);
  return columns.map((column) => {
    const share = weights > 0 ? column.share / weights : 1 / columns.length;
    return { px: column.least - least * share, share };
  });
}

/** px. */
export const widthAt = ({ px, share }: GrowingWidth, tablePx: number): number => px + share * tablePx;
