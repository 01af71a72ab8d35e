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

/** How much of its region a bay, or what is in it, may use. */
export interface Room {
  /** Space kept free at each side, px. */
  marginPx: Varying<number>;
  /** What stands beside it takes so much of the region, with the space around that, px. */
  takenPx: Varying<number>;
  /** The greatest inner width, px; null for as wide as the region. */
  mostPx: Varying<number | null>;
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
  return atMost(regionPx - keptFree(room, bands, bandId), room, bands, bandId);
}

/** Width of what has the space at its sides within it, and is no wider for that. */
export const wholeWidth = (room: Room, bands: Bands, bandId: string, regionPx: number): number =>
  atMost(regionPx - valueAt(room.takenPx, bands, bandId), room, bands, bandId);

function atMost(freePx: number, { mostPx }: Room, bands: Bands, bandId: string): number {
  const most = valueAt(mostPx, bands, bandId);
  return Math.max(0, most === null ? freePx : Math.min(freePx, most));
}

/** What of the region is never its inner width, px. */
export const keptFree = (room: Room, bands: Bands, bandId: string): number =>
  2 * valueAt(room.marginPx, bands, bandId) + valueAt(room.takenPx, bands, bandId);

/** The region's width from which on it is as wide as it may be, px; Infinity where it always grows. */
export function fullFrom(room: Room, bands: Bands, bandId: string): number {
  const most = valueAt(room.mostPx, bands, bandId);
  return most === null ? Infinity : most + keptFree(room, bands, bandId);
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
  const mostPx = valueAt(room.mostPx, bands, band.id);
  const most = mostPx === null ? MOST_ACROSS : acrossBySmallest(mostPx, smallest, gap);
  const first = acrossBySmallest(innerWidth(room, bands, band.id, band.from), smallest, gap);
  const steps = [{ from: band.from, to, across: Math.min(first, MOST_ACROSS) }];
  for (let count = first + 1; count <= Math.min(most, MOST_ACROSS); count += 1) {
    const from = Math.ceil(count * smallest + (count - 1) * gap + keptFree(room, bands, band.id));
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
