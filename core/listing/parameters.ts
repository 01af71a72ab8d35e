import { slugOf } from '../catalogue/slugOf.ts';
import type { Choice, Span } from './choice.ts';
import type { FilterKey, ListedValue } from './filterKind.ts';
import { filterId, filterKind, filterKinds, type Filter } from './filters/index.ts';
import { readFigure } from './readFigure.ts';
import type { ListingWords } from './words.ts';
import { sayYesNo } from './yesNo.ts';

/** Parameters of a listing that are no filters. */
export const SORT_PARAMETER = 'sort';
export const WORDS_PARAMETER = 'q';
export const VIEW_PARAMETER = 'view';
export const DENSITY_PARAMETER = 'density';
export const DENSE = 'dense';

/** With the id of a shelf before them, these say where it begins, and which tab of a bay is open. */
const ELSEWHERE = ['from', 'shows'];

/** Ends of a span that a form sends apart from each other. */
export const LEAST_END = '.least';
export const MOST_END = '.most';

/** Most values of one filter that are read of an address. */
const MOST_VALUES = 40;
/** Most characters of one value, and of what is searched. */
const LONGEST_VALUE = 120;

/** Things by the slugs of their names, each its own. */
function slugged<T extends { name: string; slug?: string }>(
  all: readonly T[],
  taken: ReadonlySet<string> = new Set(),
): Map<string, T> {
  const found = new Map<string, T>();
  for (const one of all) {
    const slug = one.slug ?? slugOf(one.name);
    const isFree = (wanted: string) => wanted !== '' && !taken.has(wanted) && !found.has(wanted);
    let own = slug;
    for (let i = 2; !isFree(own); i += 1) own = `${slug || 'value'}-${i}`;
    found.set(own, one);
  }
  return found;
}

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

const SPAN = /^(-?\d+(?:[.,]\d+)?)?-(-?\d+(?:[.,]\d+)?)?$/;

/** Whether figures of a filter are money. */
export function isMoney({ by }: Filter): boolean {
  const kind = filterKind(by);
  return kind.chooses === 'span' && kind.isMoney;
}

/** @param digits of the store's currency after the point: prices stand in an address as people say them */
export function listingParameters(words: ListingWords, digits: number): ListingParameters {
  const taken = new Set([
    ...filterKinds.flatMap(({ parameter }) => parameter ?? []),
    SORT_PARAMETER,
    WORDS_PARAMETER,
    VIEW_PARAMETER,
    DENSITY_PARAMETER,
    ...ELSEWHERE,
  ]);
  const things = filterKinds.flatMap((kind) =>
    kind.offers(words).flatMap((filter) => kind.called?.(filter, words) ?? []),
  );
  const names = new Map([...slugged(things, taken)].map(([slug, { id }]) => [id, slug]));
  const lists = new Map<
    string,
    { bySlug: ReadonlyMap<string, ListedValue>; slugs: ReadonlyMap<FilterKey, string> }
  >();
  /** Values that the catalogue has a list of; null where it has none. */
  const listOf = (filter: Filter) => {
    const kind = filterKind(filter.by);
    if (kind.chooses === 'span' || !kind.listed) return null;
    const id = filterId(filter);
    let list = lists.get(id);
    if (!list) {
      const bySlug = slugged(kind.listed(filter, words));
      list = { bySlug, slugs: new Map([...bySlug].map(([slug, { key }]) => [key, slug])) };
      // Of what is there alone, so that no question makes the store remember it.
      if (bySlug.size > 0) lists.set(id, list);
    }
    return list;
  };
  const times = (filter: Filter) => (isMoney(filter) ? 10 ** digits : 1);

  const nameOf = (filter: Filter): string | null => {
    const kind = filterKind(filter.by);
    return kind.parameter ?? names.get(kind.called?.(filter, words)?.id ?? '') ?? null;
  };

  const keyOf = (filter: Filter, said: string): FilterKey | null => {
    const list = listOf(filter);
    if (list) return list.bySlug.get(said)?.key ?? null;
    const kind = filterKind(filter.by);
    return kind.chooses === 'span' ? null : (kind.read?.(said, filter, words) ?? null);
  };

  const valueOf = (filter: Filter, key: FilterKey): string | null => {
    const list = listOf(filter);
    if (list) return list.slugs.get(key) ?? null;
    return typeof key === 'boolean' ? sayYesNo(key) : String(key);
  };

  const spanOf = (
    filter: Filter,
    said: string | undefined,
    ends: { least: string | null; most: string | null },
  ) => {
    const [, from, to] = SPAN.exec(said?.slice(0, LONGEST_VALUE).trim() ?? '') ?? [];
    const figure = (one: string | null | undefined) => {
      const known = readFigure(one);
      // Money is in minor units, and never less than nothing.
      return known !== null && isMoney(filter) ? Math.max(0, Math.round(known * times(filter))) : known;
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
