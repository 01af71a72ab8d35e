import { isWithin, type Choice, type Span } from './choice.ts';
import type { Column, SpanColumn, ValuesColumn } from './column.ts';
import { roundEdges, type Facets, type SpanFacet } from './facets.ts';
import { filterId, filterKind, type Filter } from './filters/index.ts';
import type { Among, ListingIndex } from './listingIndex.ts';

/** Whether a row holds for what is chosen. */
type Passes = (row: number, variant: number) => boolean;

function passesOf(column: Column, choice: Choice): Passes {
  if ('span' in choice) {
    const { span } = choice;
    const figures = (column as SpanColumn).rows;
    return (row, variant) => isFigureWithin(figures[row]![variant]!, span);
  }
  const values = column as ValuesColumn;
  const chosen = new Uint8Array(values.keys.length);
  for (const key of choice.keys) {
    const code = values.codeOf(key);
    if (code !== undefined) chosen[code] = 1;
  }
  return (row, variant) => values.rows[row]![variant]!.some((code) => chosen[code] === 1);
}

const isFigureWithin = (figure: number, span: Span) => isWithin(Number.isNaN(figure) ? null : figure, span);

/** Gathers how many products have each value of one filter, each product once. */
interface Counter {
  /** What this product has, or this variant of it. */
  add(place: number, variant: number): void;
  /** @param total of the listing as it is chosen */
  found(total: number): Facets['filters'][number];
}

/**
 * @param isAdded those that are counted come on top of the listing as it is: values of it are chosen, and one more
 *   would be joined to them by "or"
 */
function valuesCounter(column: ValuesColumn, isAdded: boolean): Counter {
  const counts = new Int32Array(column.keys.length);
  const last = new Int32Array(column.keys.length).fill(-1);
  return {
    add(place, variant) {
      for (const code of column.rows[place]![variant]!) {
        if (last[code] === place) continue;
        last[code] = place;
        counts[code]! += 1;
      }
    },
    found: (total) => ({
      values: column.keys.flatMap((key, code) => {
        const count = counts[code]!;
        return count > 0 ? [{ key, count: count + (isAdded ? total : 0) }] : [];
      }),
    }),
  };
}

function spanCounter(column: SpanColumn): Counter {
  const places: number[] = [];
  const figures: number[] = [];
  let least = Infinity;
  let most = -Infinity;
  return {
    add(place, variant) {
      const figure = column.rows[place]![variant]!;
      if (Number.isNaN(figure)) return;
      places.push(place);
      figures.push(figure);
      if (figure < least) least = figure;
      if (figure > most) most = figure;
    },
    found() {
      if (places.length === 0) return { span: null };
      const edges = roundEdges(least, most);
      const first = edges[0]!;
      const step = edges[1]! - first;
      const counts = new Int32Array(edges.length - 1);
      const last = new Int32Array(edges.length - 1).fill(-1);
      for (let i = 0; i < places.length; i += 1) {
        const bar = Math.floor((figures[i]! - first) / step);
        if (last[bar] === places[i]) continue;
        last[bar] = places[i]!;
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
 * @param among the listing before anything is chosen
 * @param choices of these filters, one for each at most
 * @returns the places of what remains as well
 */
export function countFacets(
  index: ListingIndex,
  among: Among,
  filters: readonly Filter[],
  choices: readonly Choice[],
): { facets: Facets; remaining: number[] } {
  const at = new Map(filters.map((filter, i) => [filterId(filter), i]));
  const columns = filters.map((filter) => index.column(filter));
  const chosen = choices.map((choice) => {
    const filter = at.get(filterId(choice.filter)) ?? OTHER;
    const column = columns[filter] ?? index.column(choice.filter);
    return { filter, ofVariant: column.ofVariant, passes: passesOf(column, choice) };
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
  const size = index.size();
  for (let place = 0; place < size; place += 1) {
    if (index.idAt(place) === null || (among && among[place] !== 1)) continue;
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
    const variants = index.variantsAt(place);
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
      if (isIn) counters[fails]?.add(place, 0);
      continue;
    }
    if (isIn) {
      remaining.push(place);
      for (const { counter } of countedOfProduct) counter.add(place, 0);
    }
    for (let variant = 0; variant < variants; variant += 1) {
      const failsHere = failsOf[variant]!;
      if (failsHere === NONE) for (const { counter } of countedOfVariants) counter.add(place, variant);
      else if (failsHere !== SEVERAL && !(isIn && adds[failsHere])) counters[failsHere]?.add(place, variant);
    }
  }
  return {
    facets: { total: remaining.length, filters: counters.map((counter) => counter.found(remaining.length)) },
    remaining,
  };
}
