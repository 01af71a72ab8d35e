import { bandEnd, type Band, type Bands } from '../bands/bands.ts';
import { valueAt, type Varying } from '../bands/varying.ts';
import { acrossBySmallest } from './rows.ts';

/**
 * How many side by side: a count at each band, or as many as fit at a smallest card width (px). What is not
 * in use is kept, so that changing over and back loses nothing.
 */
export interface Across {
  by: 'count' | 'width';
  count: Varying<number>;
  smallest: Varying<number>;
}

/** How much of its region a shelf may use. */
export interface Room {
  /** Space kept free at each side, px. */
  marginPx: Varying<number>;
  /** The greatest inner width, px; null for as wide as the region. */
  maximumPx: number | null;
}

/** A range of region widths within one band in which the count across is the same (calculations §2). */
export interface Step {
  bandId: string;
  /** First region width, px, inclusive. */
  from: number;
  /** px, exclusive; Infinity for the last. */
  to: number;
  across: number;
}

/** Inner width that a shelf has in a region of `regionPx`. */
export function innerWidth(room: Room, bands: Bands, bandId: string, regionPx: number): number {
  const free = Math.max(0, regionPx - 2 * valueAt(room.marginPx, bands, bandId));
  return room.maximumPx === null ? free : Math.min(free, room.maximumPx);
}

/** More cards than this never stand side by side, however wide the region. */
export const MOST_ACROSS = 24;

/** The steps of one band, without holes; a single one where the count is given. */
export function bandSteps(
  across: Across,
  gapPx: Varying<number>,
  room: Room,
  bands: Bands,
  band: Band,
): Omit<Step, 'bandId'>[] {
  const to = bandEnd(bands, band.id);
  if (across.by === 'count') return [{ from: band.from, to, across: valueAt(across.count, bands, band.id) }];
  const gap = valueAt(gapPx, bands, band.id);
  const smallest = valueAt(across.smallest, bands, band.id);
  const margin = valueAt(room.marginPx, bands, band.id);
  const most = room.maximumPx === null ? MOST_ACROSS : acrossBySmallest(room.maximumPx, smallest, gap);
  const first = acrossBySmallest(innerWidth(room, bands, band.id, band.from), smallest, gap);
  const steps = [{ from: band.from, to, across: Math.min(first, MOST_ACROSS) }];
  for (let count = first + 1; count <= Math.min(most, MOST_ACROSS); count += 1) {
    const from = Math.ceil(count * smallest + (count - 1) * gap + 2 * margin);
    if (from >= to) break;
    steps.at(-1)!.to = from;
    steps.push({ from, to, across: count });
  }
  return steps;
}

/** The step that a region of this width falls into. */
export function stepAt<S extends Step>(steps: readonly S[], regionPx: number): S {
  return steps.findLast((step) => step.from <= regionPx) ?? steps[0]!;
}
