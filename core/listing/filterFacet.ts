import type { PictureFacts } from '../catalogue/facts.ts';
import type { Choice, Span } from './choice.ts';
import type { FilterFound, SpanFacet } from './facets.ts';
import type { FilterKey } from './filterKind.ts';
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

interface Named {
  name: string;
  colour?: string | null;
  picture?: PictureFacts | null;
}

/** What values of a filter are called, in their order, where they have one; null where any may occur. */
function namesOf(filter: Filter, words: ListingWords): ReadonlyMap<FilterKey, Named> | null {
  switch (filter.by) {
    case 'category':
      return new Map(words.categories.map(({ id, name }) => [id, { name }]));
    case 'brand':
      return new Map(words.brands.map((one) => [one.id, one]));
    case 'option':
      return new Map(
        words.options.find(({ id }) => id === filter.option)?.values.map((one) => [one.id, one]) ?? [],
      );
    default:
      return null;
  }
}

const inOrder = (filter: Filter, a: FilterKey, b: FilterKey): number => {
  // The most stars first, and yes before no.
  const turned = filter.by === 'rating' || typeof a === 'boolean' ? -1 : 1;
  return typeof a === 'string' && typeof b === 'string'
    ? a.localeCompare(b)
    : turned * (Number(a) - Number(b));
};

const nameOf = (filter: Filter, words: ListingWords): string => {
  if (filter.by === 'option') return words.options.find(({ id }) => id === filter.option)?.name ?? '';
  return 'field' in filter ? (words.fields.find(({ id }) => id === filter.field)?.name ?? '') : '';
};

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
    const names = namesOf(filter, words);
    const keys = names
      ? [...names.keys()]
      : [...new Set([...counts.keys(), ...chosen])].sort((a, b) => inOrder(filter, a, b));
    const values = keys.flatMap((key): FacetValue[] => {
      const value = parameters.valueOf(filter, key);
      const named = names?.get(key);
      if (value === null) return [];
      return [
        {
          key,
          value,
          name: named?.name ?? (typeof key === 'string' ? key : ''),
          count: counts.get(key) ?? 0,
          chosen: chosen.includes(key),
          colour: named?.colour ?? null,
          picture: named?.picture ?? null,
        },
      ];
    });
    return [
      {
        filter,
        parameter,
        name: nameOf(filter, words),
        unit: 'field' in filter ? (words.fields.find(({ id }) => id === filter.field)?.unit ?? '') : '',
        off: facet.off,
        values: filterKind(filter.by).chooses === 'span' ? [] : values,
        span: 'span' in facet ? facet.span : null,
        chosen: choice && 'span' in choice ? choice.span : null,
      },
    ];
  });
}
