import type { PictureFacts } from '../catalogue/facts.ts';
import type { Choice, Span } from './choice.ts';
import type { FilterFound, SpanFacet } from './facets.ts';
import type { FilterKey, ListedValue } from './filterKind.ts';
import { filterKind, type Filter } from './filters/index.ts';
import { isSame, type ListingParameters } from './parameters.ts';
import type { ListingWords } from './words.ts';

/** A value of a filter, as it is shown and followed. */
export interface FacetValue {
  key: FilterKey;
  /** As it stands in an address. */
  value: string;
  /** What the catalogue calls it; empty where the store's own texts do. */
  name: string;
  /** How many the listing would have after following it. */
  count: number;
  chosen: boolean;
  colour: string | null;
  picture: PictureFacts | null;
}

/** What a filter would make of a listing, with everything that a drawing or an address has to know of it. */
export interface FilterFacet {
  filter: Filter;
  /** The name of its parameter. */
  parameter: string;
  /** What the catalogue calls it; empty where the store's own texts do. */
  name: string;
  /** Of figures of a field. */
  unit: string;
  /** How many there would be without what is chosen of it. */
  off: number;
  /** In the order in which they are shown. */
  values: readonly FacetValue[];
  span: SpanFacet | null;
  chosen: Span | null;
}

const inOrder = (a: FilterKey, b: FilterKey): number =>
  typeof a === 'string' && typeof b === 'string' ? a.localeCompare(b) : Number(a) - Number(b);

/** Values that occur or are chosen, in the order of an alphabet, by size, or yes before no. */
function occurring(keys: Iterable<FilterKey>, mostFirst: boolean): FilterKey[] {
  const all = [...new Set(keys)];
  const turned = mostFirst || all.some((key) => typeof key === 'boolean') ? -1 : 1;
  return all.sort((a, b) => turned * inOrder(a, b));
}

/** What has names stands in their order, which may not be that of the keys; what has none as it is. */
const inOrderOfNames = (values: ListedValue[]): ListedValue[] =>
  values.sort((a, b) => a.name.localeCompare(b.name));

/**
 * The filters of a listing with their names, those that ask for what is gone left out. Values that are chosen stay,
 * though they would add nothing; others that find nothing are there where the catalogue has a list of them.
 */
export function filterFacets(
  filters: readonly Filter[],
  found: readonly FilterFound[],
  choices: readonly Choice[],
  words: ListingWords,
  parameters: ListingParameters,
): FilterFacet[] {
  return filters.flatMap((filter, i): FilterFacet[] => {
    const parameter = parameters.nameOf(filter);
    if (parameter === null) return [];
    const facet = found[i]!;
    const choice = choices.find((one) => isSame(one.filter, filter));
    const chosen = choice && 'keys' in choice ? choice.keys : [];
    const counts = new Map('values' in facet ? facet.values.map(({ key, count }) => [key, count]) : []);
    const kind = filterKind(filter.by);
    const values: readonly ListedValue[] =
      kind.chooses === 'span'
        ? []
        : (kind.listed?.(filter, words) ??
          inOrderOfNames(
            occurring([...counts.keys(), ...chosen], kind.mostFirst ?? false).map((key) => ({
              key,
              name: kind.names?.(key, words) ?? (typeof key === 'string' ? key : ''),
            })),
          ));
    const called = kind.called?.(filter, words);
    return [
      {
        filter,
        parameter,
        name: called?.name ?? '',
        unit: called?.unit ?? '',
        off: facet.off,
        values: values.flatMap(({ key, name, colour = null, picture = null }): FacetValue[] => {
          const value = parameters.valueOf(filter, key);
          if (value === null) return [];
          return [
            { key, value, name, count: counts.get(key) ?? 0, chosen: chosen.includes(key), colour, picture },
          ];
        }),
        span: 'span' in facet ? facet.span : null,
        chosen: choice && 'span' in choice ? choice.span : null,
      },
    ];
  });
}
