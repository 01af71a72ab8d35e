import type { FilterKey } from './filterKind.ts';

/** A bar of a histogram: how many have a figure from `from` on and below `to`. */
export interface Bar {
  from: number;
  to: number;
  count: number;
}

/** How many a listing would have after following a value (calculations §20); values that find nothing more are left out. */
export interface ValueFacet {
  key: FilterKey;
  count: number;
}

/** The least and the greatest figure without the filter itself, and how many there are between round edges. */
export interface SpanFacet {
  least: number;
  most: number;
  bars: readonly Bar[];
}

/** What a listing has now, and what each of its filters would make of it. */
export interface Facets {
  /** How many remain of what is chosen, before any greatest number to a page. */
  total: number;
  /** By filter, in the order of the filters. */
  filters: readonly FilterFound[];
}

/** What a filter would make of a listing; a span is null where nothing has a figure. */
export type FilterFound = {
  /** How many there would be without what is chosen of it. */
  off: number;
} & ({ values: readonly ValueFacet[] } | { span: SpanFacet | null });

/** A histogram has at most so many bars. */
export const MOST_BARS = 24;

/** Steps are one, two or five of a power of ten. */
const NICE = [1, 2, 5];

/** Round edges, whole numbers, of at most `most` bars (two or more) from `least` to `greatest`, which is within the last. */
export function roundEdges(least: number, greatest: number, most = MOST_BARS): number[] {
  for (let power = 1; ; power *= 10)
    for (const nice of NICE) {
      const step = nice * power;
      const from = Math.floor(least / step);
      const to = Math.floor(greatest / step) + 1;
      if (to - from <= most) return Array.from({ length: to - from + 1 }, (_, i) => (from + i) * step);
    }
}
