import type { Choice } from './choice.ts';
import type { SpanColumn, ValuesColumn } from './column.ts';
import { roundEdges, type Facets, type SpanFacet, type ValueFacet } from './facets.ts';
import { filterId, filterKind, type Filter } from './filters/index.ts';
import type { Among, ListingIndex } from './listingIndex.ts';
import { passesOf } from './passes.ts';
import { figures, wholes } from './rows.ts';

/** Gathers how many products have each value of one filter, each product once. */
interface Counter {
  /** What this product has, or this variant of it. */
  add(place: number, variant: number): void;
  /** @param total of the listing as it is chosen */
  found(total: number): { values: readonly ValueFacet[] } | { span: SpanFacet | null };
}

/**
 * @param isAdded those that are counted come on top of the listing as it is: values of it are chosen, and one more
 *   would be joined to them by "or"
 */
function valuesCounter({ keys, rows }: ValuesColumn, isAdded: boolean): Counter {
  const counts = new Int32Array(keys.length);
  const last = new Int32Array(keys.length).fill(-1);
  const first = rows.first.at;
  const begins = rows.begins.at;
  const values = rows.values.at;
  return {
    add(place, variant) {
      const start = first[place];
      if (!start) return;
      const row = start + variant;
      const end = begins[row + 1]!;
      for (let at = begins[row]!; at < end; at += 1) {
        const code = values[at]!;
        if (last[code] === place) continue;
        last[code] = place;
        counts[code]! += 1;
      }
    },
    found: (total) => ({
      values: keys.flatMap((key, code) => {
        const count = counts[code]!;
        return count > 0 ? [{ key, count: count + (isAdded ? total : 0) }] : [];
      }),
    }),
  };
}

function spanCounter({ rows }: SpanColumn): Counter {
  const places = wholes();
  const found = figures();
  const first = rows.first.at;
  const begins = rows.begins.at;
  const values = rows.values.at;
  let least = Infinity;
  let most = -Infinity;
  return {
    add(place, variant) {
      const start = first[place];
      if (!start) return;
      const row = start + variant;
      const at = begins[row]!;
      if (at === begins[row + 1]!) return;
      const figure = values[at]!;
      places.push(place);
      found.push(figure);
      if (figure < least) least = figure;
      if (figure > most) most = figure;
    },
    found() {
      if (places.size === 0) return { span: null };
      const edges = roundEdges(least, most);
      const lowest = edges[0]!;
      const step = edges[1]! - lowest;
      const counts = new Int32Array(edges.length - 1);
      const last = new Int32Array(edges.length - 1).fill(-1);
      for (let i = 0; i < places.size; i += 1) {
        const bar = Math.floor((found.at[i]! - lowest) / step);
        if (last[bar] === places.at[i]) continue;
        last[bar] = places.at[i]!;
        counts[bar]! += 1;
      }
      const span: SpanFacet = {
        least,
        most,
        bars: [...counts].map((count, i) => ({ from: edges[i]!, to: edges[i + 1]!, count })),
      };
      return { span };
    },
  };
}

/** Instead of the place of the filter that a product fails of: of none, of more than one, of one that is not counted. */
const NONE = -1;
const SEVERAL = -2;
const OTHER = -3;

/**
 * How many remain of a listing, and what each of its filters would make of it: every count is made with all other
 * filters applied (calculations §20). One look at each product: one that fails of a single filter counts for the values
 * of that filter alone.
 * @param among the listing before anything is chosen; null for everything
 * @param choices of these filters, one for each at most
 * @returns the places of what remains as well
 */
export function countFacets(
  index: ListingIndex,
  among: Among | null,
  filters: readonly Filter[],
  choices: readonly Choice[],
): { facets: Facets; remaining: number[] } {
  const at = new Map(filters.map((filter, i) => [filterId(filter), i]));
  const columns = filters.map((filter) => index.column(filter));
  const chosen = choices.map((choice) => {
    const filter = at.get(filterId(choice.filter)) ?? OTHER;
    const column = columns[filter] ?? index.column(choice.filter);
    return { filter, ofVariant: column.ofVariant, passes: passesOf(index, choice) };
  });
  const ofProduct = chosen.filter(({ ofVariant }) => !ofVariant);
  const ofVariants = chosen.filter(({ ofVariant }) => ofVariant);
  const isChosen = filters.map((_, i) => chosen.some(({ filter }) => filter === i));
  const adds = filters.map(({ by }, i) => isChosen[i]! && filterKind(by).chooses === 'several');
  const counters = columns.map((column, i) =>
    column.is === 'span' ? spanCounter(column) : valuesCounter(column, adds[i]!),
  );
  // What remains already adds nothing to a filter of which values are chosen.
  const counted = counters.flatMap((counter, i) =>
    adds[i] ? [] : [{ counter, filter: i, ofVariant: columns[i]!.ofVariant }],
  );
  const countedOfProduct = counted.filter(({ ofVariant }) => !ofVariant);
  const countedOfVariants = counted.filter(({ ofVariant }) => ofVariant);

  const remaining: number[] = [];
  const failsOf: number[] = [];
  // Products that come on top with one filter off, by filter; each counted once.
  const off = new Int32Array(filters.length);
  const lastOff = new Int32Array(filters.length).fill(-1);
  const size = index.size();
  const variantsAt = index.variants();
  for (let place = 0; place < size; place += 1) {
    const variants = variantsAt[place]!;
    if (variants < 0 || (among && among[place] !== 1)) continue;
    let fails = NONE;
    for (const { passes, filter } of ofProduct)
      if (!passes(place, 0)) {
        if (fails !== NONE) {
          fails = SEVERAL;
          break;
        }
        fails = filter;
      }
    if (fails === SEVERAL) continue;
    let isIn = ofVariants.length === 0;
    for (let variant = 0; variant < variants; variant += 1) {
      let failsHere = NONE;
      for (const { passes, filter } of ofVariants)
        if (!passes(place, variant)) {
          if (failsHere !== NONE) {
            failsHere = SEVERAL;
            break;
          }
          failsHere = filter;
        }
      failsOf[variant] = failsHere;
      if (failsHere === NONE) isIn = true;
    }
    if (fails !== NONE) {
      // With this filter off, it would be there.
      if (isIn && fails >= 0) {
        counters[fails]!.add(place, 0);
        off[fails]! += 1;
      }
      continue;
    }
    if (isIn) {
      remaining.push(place);
      for (const { counter } of countedOfProduct) counter.add(place, 0);
    }
    // What has no variant fails of everything that is asked of them.
    const [only, ...more] = ofVariants;
    if (variants === 0 && only && more.length === 0 && only.filter >= 0) off[only.filter]! += 1;
    for (let variant = 0; variant < variants; variant += 1) {
      const failsHere = failsOf[variant]!;
      if (failsHere === NONE) for (const { counter } of countedOfVariants) counter.add(place, variant);
      else if (failsHere >= 0) {
        if (!isIn && lastOff[failsHere] !== place) {
          lastOff[failsHere] = place;
          off[failsHere]! += 1;
        }
        if (!isIn || !adds[failsHere]) counters[failsHere]!.add(place, variant);
      }
    }
  }
  return {
    facets: {
      total: remaining.length,
      filters: counters.map((counter, i) => ({
        ...counter.found(remaining.length),
        off: remaining.length + off[i]!,
      })),
    },
    remaining,
  };
}
