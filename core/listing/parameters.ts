import { slugOf } from '../catalogue/slugOf.ts';
import type { Choice, Span } from './choice.ts';
import type { FilterKey } from './filterKind.ts';
import { filterId, filterKind, type Filter } from './filters/index.ts';
import { STARS } from './filters/rating.ts';
import type { ListingWords } from './words.ts';

/** Parameters of a listing that are no filters. */
export const SORT_PARAMETER = 'sort';
export const WORDS_PARAMETER = 'q';
export const VIEW_PARAMETER = 'view';

/** With the id of a shelf before them, these say where it begins, and which tab of a bay is open. */
const ELSEWHERE = ['from', 'shows'];

/** Ends of a span that a form sends apart from each other. */
export const LEAST_END = '.least';
export const MOST_END = '.most';

/** Most values of one filter that are read of an address. */
const MOST_VALUES = 40;
/** Most characters of one value, and of what is searched. */
const LONGEST_VALUE = 120;
/** No price and no measure is greater. */
const GREATEST = 1e9;

/** Ids by the slugs of their names, each its own. */
function slugged<T extends { id: number | string; name: string }>(
  all: readonly T[],
  taken: ReadonlySet<string> = new Set(),
): Map<string, T> {
  const found = new Map<string, T>();
  for (const one of all) {
    const slug = slugOf(one.name);
    const isFree = (wanted: string) => wanted !== '' && !taken.has(wanted) && !found.has(wanted);
    let own = slug;
    for (let i = 2; !isFree(own); i += 1) own = `${slug || 'value'}-${i}`;
    found.set(own, one);
  }
  return found;
}

const turned = <T extends { id: number | string }>(slugs: ReadonlyMap<string, T>) =>
  new Map([...slugs].map(([slug, { id }]) => [id, slug] as const));

/** How what is chosen of filters stands in an address (calculations §20), both ways. */
export interface ListingParameters {
  /** The name of the parameter of a filter; null where what it asks for is gone. */
  nameOf(filter: Filter): string | null;
  /** One value as it stands there; null where that is gone. */
  valueOf(filter: Filter, key: FilterKey): string | null;
  /** What values of an address choose of a filter, whatever they are; null for nothing. */
  read(
    filter: Filter,
    given: { values: readonly string[]; least: string | null; most: string | null },
  ): Choice | null;
  /** The values that stand for a choice, in one order. */
  write(choice: Choice): string[];
}

const FIXED: Readonly<Record<Exclude<Filter['by'], 'option' | 'field' | 'measure'>, string>> = {
  category: 'category',
  price: 'price',
  stock: 'in-stock',
  rating: 'rating',
  brand: 'brand',
  tag: 'tag',
  reduced: 'reduced',
};

const YES = 'yes';
const NO = 'no';

const figureOf = (said: string | null | undefined): number | null => {
  if (!said || !/^-?\d{1,12}([.,]\d{1,6})?$/.test(said.trim())) return null;
  const figure = Number(said.trim().replace(',', '.'));
  return Math.max(-GREATEST, Math.min(GREATEST, figure));
};

const SPAN = /^(-?\d+(?:[.,]\d+)?)?-(-?\d+(?:[.,]\d+)?)?$/;

/** @param digits of the store's currency after the point: prices stand in an address as people say them */
export function listingParameters(words: ListingWords, digits: number): ListingParameters {
  const categories = new Map(words.categories.map((one) => [one.slug, one.id]));
  const categorySlugs = new Map(words.categories.map((one) => [one.id, one.slug]));
  const brands = new Map(words.brands.map((one) => [one.slug, one.id]));
  const brandSlugs = new Map(words.brands.map((one) => [one.id, one.slug]));
  const taken = new Set([
    ...Object.values(FIXED),
    SORT_PARAMETER,
    WORDS_PARAMETER,
    VIEW_PARAMETER,
    ...ELSEWHERE,
  ]);
  const options = slugged(words.options, taken);
  const optionNames = turned(options);
  const fieldNames = turned(slugged(words.fields, new Set([...taken, ...options.keys()])));
  const values = new Map(words.options.map((option) => [option.id, slugged(option.values)]));
  const valueSlugs = new Map([...values].map(([id, slugs]) => [id, turned(slugs)]));
  const yesNo = new Set(words.fields.flatMap(({ id, type }) => (type === 'yesNo' ? [id] : [])));
  const numbers = new Set(words.fields.flatMap(({ id, type }) => (type === 'number' ? [id] : [])));
  const times = (filter: Filter) => (filter.by === 'price' ? 10 ** digits : 1);

  const nameOf = (filter: Filter): string | null => {
    if (filter.by === 'option') return optionNames.get(filter.option) ?? null;
    if ('field' in filter) return fieldNames.get(filter.field) ?? null;
    return FIXED[filter.by];
  };

  const keyOf = (filter: Filter, said: string): FilterKey | null => {
    switch (filter.by) {
      case 'category':
        return categories.get(said) ?? null;
      case 'brand':
        return brands.get(said) ?? null;
      case 'option':
        return values.get(filter.option)?.get(said)?.id ?? null;
      case 'rating':
        return STARS.find((stars) => String(stars) === said) ?? null;
      case 'stock':
      case 'reduced':
        return said === YES ? true : null;
      case 'tag':
        return words.occurs(filter, said) ? said : null;
      case 'field': {
        const key = yesNo.has(filter.field)
          ? said === YES
            ? true
            : said === NO
              ? false
              : null
          : numbers.has(filter.field)
            ? figureOf(said)
            : said;
        return key !== null && words.occurs(filter, key) ? key : null;
      }
      default:
        return null;
    }
  };

  const valueOf = (filter: Filter, key: FilterKey): string | null => {
    switch (filter.by) {
      case 'category':
        return categorySlugs.get(Number(key)) ?? null;
      case 'brand':
        return brandSlugs.get(Number(key)) ?? null;
      case 'option':
        return valueSlugs.get(filter.option)?.get(Number(key)) ?? null;
      default:
        return typeof key === 'boolean' ? (key ? YES : NO) : String(key);
    }
  };

  const spanOf = (
    filter: Filter,
    said: string | undefined,
    ends: { least: string | null; most: string | null },
  ) => {
    const [, from, to] = SPAN.exec(said?.slice(0, LONGEST_VALUE).trim() ?? '') ?? [];
    const figure = (one: string | null | undefined) => {
      const known = figureOf(one);
      return known === null
        ? null
        : filter.by === 'price'
          ? Math.max(0, Math.round(known * times(filter)))
          : known;
    };
    const [least, most] = [figure(ends.least ?? from), figure(ends.most ?? to)];
    if (least === null && most === null) return null;
    return least !== null && most !== null && least > most ? { least: most, most: least } : { least, most };
  };

  return {
    nameOf,
    valueOf,
    read(filter, given) {
      const { chooses } = filterKind(filter.by);
      if (chooses === 'span') {
        const span = spanOf(filter, given.values[0], given);
        return span && { filter, span };
      }
      const keys = given.values
        .slice(0, MOST_VALUES)
        .flatMap((said) => (said.length > LONGEST_VALUE ? [] : (keyOf(filter, said) ?? [])));
      const all = [...new Set(keys)].sort(inOneOrder);
      if (all.length === 0) return null;
      // Of those that replace each other, the last that was said counts.
      return { filter, keys: chooses === 'one' ? [keys.at(-1)!] : all };
    },
    write(choice) {
      const { filter } = choice;
      if ('span' in choice) return [spanWords(choice.span, times(filter))];
      return choice.keys.flatMap((key) => valueOf(filter, key) ?? []).sort();
    },
  };
}

const inOneOrder = (a: FilterKey, b: FilterKey) => (a < b ? -1 : a > b ? 1 : 0);

const spanWords = ({ least, most }: Span, times: number): string => {
  const said = (figure: number | null) => (figure === null ? '' : String(figure / times));
  return `${said(least)}-${said(most)}`;
};

/** What is searched, as it is read of an address. */
export const wordsOf = (given: string | undefined): string =>
  (given ?? '').replaceAll('\0', '').replace(/\s+/g, ' ').trim().slice(0, LONGEST_VALUE);

/** Whether two filters are the same. */
export const isSame = (a: Filter, b: Filter): boolean => filterId(a) === filterId(b);
