export interface Leftover {
  across: number;
  /** Items in the last row; 0 when every row is full. */
  leftover: number;
}

export interface FullCounts {
  /** What `near` leaves in the last row, for each of the given counts across. */
  leftovers: Leftover[];
  /** `near` fills every row everywhere. */
  full: boolean;
  /** Numbers that do, nearest first: `near` itself, or the multiples below (if not 0) and above it. */
  offers: number[];
  /** Where no offer is sensible (over twice what was asked): rows for each count across that come near it. */
  rowsInstead: number[] | null;
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));
export const leastCommonMultiple = (numbers: readonly number[]): number =>
  numbers.reduce((a, b) => (a / divisor(a, b)) * b, 1);

/**
 * Which numbers of items fill every row at every band (calculations §3).
 * @param acrosses how many stand side by side at each band, each at least 1
 * @param near the number asked for, at least 1
 */
export function fullCounts(acrosses: readonly number[], near: number): FullCounts {
  const leftovers = acrosses.map((across) => ({ across, leftover: near % across }));
  if (leftovers.every(({ leftover }) => leftover === 0))
    return { leftovers, full: true, offers: [near], rowsInstead: null };
  const step = leastCommonMultiple(acrosses);
  const above = Math.ceil(near / step) * step;
  const below = above - step;
  const offers = [below, above]
    .filter((count) => count > 0 && count <= 2 * near)
    .sort((a, b) => Math.abs(a - near) - Math.abs(b - near) || b - a);
  const rowsInstead = offers.length ? null : acrosses.map((across) => Math.max(1, Math.round(near / across)));
  return { leftovers, full: false, offers, rowsInstead };
}
