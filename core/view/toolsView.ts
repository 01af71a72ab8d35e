import type { Varying } from '../bands/varying.ts';
import { numberFormat } from '../catalogue/formats.ts';
import type { Currency } from '../catalogue/money.ts';
import type { CategoryTree } from '../catalogue/categoryTree.ts';
import type { Around } from '../assortment/kinds.ts';
import type { FacetValue, FilterFacet } from '../listing/filterFacet.ts';
import { LAYOUT_IDS, layoutKind, type LayoutId } from '../layouts/index.ts';
import { filterId, filterKind } from '../listing/filters/index.ts';
import {
  DENSE,
  DENSITY_PARAMETER,
  LEAST_END,
  MOST_END,
  SORT_PARAMETER,
  VIEW_PARAMETER,
  WORDS_PARAMETER,
} from '../listing/parameters.ts';
import type { ToolsStand } from '../plan/toolsSettings.ts';
import type { Shelf } from '../plan/shelf.ts';
import type { SwatchFace } from '../swatch/swatchFace.ts';
import type { StoreTexts } from '../texts/storeTexts.ts';
import { chosenWords, spanOf } from './toolSpan.ts';
import type { ToolFilter, ToolValue } from './toolFilter.ts';
import { isAnywhere } from './listingOf.ts';
import {
  hrefListing,
  NOTHING_CHOSEN,
  type GivenListing,
  type PageAddress,
  type Parameter,
} from './address.ts';

/** What can be taken off again. */
export interface ToolChip {
  words: string;
  /** Said aloud. */
  said: string;
  href: string;
}

/** On which side of the line above the list. */
export type ToolAt = 'start' | 'end';

/** Links to the same list shown otherwise, one of them to how it is. */
export interface ToolSwitch {
  shown: Varying<boolean>;
  /** What it is called, said aloud. */
  said: string;
  options: readonly { id: string; words: string; href: string; chosen: boolean }[];
}

/** What shoppers find things in a list with, as it is drawn. */
export interface ToolsView {
  /** The address of the list as it is. */
  self: string;
  /** The path that its forms lead to. */
  action: string;
  count: Varying<boolean>;
  /** "96 products". */
  found: string;
  total: number;
  sort: {
    shown: Varying<boolean>;
    name: string;
    options: readonly { id: string; words: string; chosen: boolean }[];
    kept: readonly Parameter[];
    at: ToolAt;
    /** What stands before the menu, and on its button. */
    label: string;
    button: string;
  } | null;
  search: {
    shown: Varying<boolean>;
    name: string;
    words: string;
    kept: readonly Parameter[];
    at: ToolAt;
    /** What is in the field while it is empty. */
    hint: string;
    button: string;
  } | null;
  /** Ways to show it, of which one is its own. */
  views: ToolSwitch | null;
  /** Whether more of it is seen at once. */
  density: ToolSwitch | null;
  filters: readonly ToolFilter[];
  /** What the filters are called, above them and on the button that they are behind. */
  fold: string;
  stand: Varying<ToolsStand>;
  widthPx: Varying<number>;
  gap: Varying<number>;
  /** Values shown at first. */
  most: number;
  chips: readonly ToolChip[];
  /** Address of the list with nothing chosen; null where nothing is, and all of it is there. */
  without: string | null;
}

export interface ToolsContext {
  address: PageAddress;
  /** What stands before the names of its parameters. */
  prefix: string;
  /** Words can be searched within it. */
  searches: boolean;
  texts: StoreTexts;
  tree: CategoryTree;
  around: Around;
  currency: Currency;
  /** What it is sorted by now, in words; null for its own order. */
  sortedBy: string | null;
  /** First item that is shown. */
  from: number;
  /** The layout that it has at every width of its own; null where that differs. */
  ownLayout: LayoutId | null;
  /** What the store shows a value of an option by. */
  faceOf(value: FacetValue): SwatchFace;
  /** Where the filters stand, as far as there is room. */
  stand: Varying<ToolsStand>;
}

const WORDS: SwatchFace = { by: 'words' };

/** Categories as they are chosen from: the main ones or those below that of the page, and the way down to the chosen one. */
function treeRows(
  { values }: FilterFacet,
  { tree, around }: ToolsContext,
): { value: FacetValue; depth: number }[] {
  const byId = new Map(values.map((value) => [Number(value.key), value]));
  const chosen = values.find((value) => value.chosen);
  const open = new Set(
    chosen ? [Number(chosen.key), ...tree.ancestors(Number(chosen.key)).map(({ id }) => id)] : [],
  );
  const rows = (ids: readonly number[], depth: number): { value: FacetValue; depth: number }[] =>
    ids.flatMap((id) => {
      const value = byId.get(id);
      if (!value) return [];
      return [
        { value, depth },
        ...(open.has(id)
          ? rows(
              tree.children(id).map((child) => child.id),
              depth + 1,
            )
          : []),
      ];
    });
  const first = around?.of === 'category' ? tree.children(around.id) : tree.roots;
  return rows(
    first.map(({ id }) => id),
    0,
  );
}

/** How many were found, in words of the list's own or in those of the store. */
function foundWords(
  { countWords, countOneWords }: Shelf['tools'],
  total: number,
  { texts, currency: { locale } }: ToolsContext,
): string {
  const words = (total === 1 && countOneWords) || countWords;
  return words === ''
    ? texts.productsFound(total)
    : words.replaceAll('{count}', numberFormat(locale, {}).format(total));
}

export function toolsView(
  { id: shelfId, tools }: Shelf,
  facets: readonly FilterFacet[],
  total: number,
  context: ToolsContext,
): ToolsView {
  const { address, prefix, texts } = context;
  const given: GivenListing = address.listings?.[shelfId] ?? NOTHING_CHOSEN;
  const { parameters } = given;
  const href = (next: readonly Parameter[]) => hrefListing(address, shelfId, next);
  const others = (...names: string[]) => parameters.filter(([name]) => !names.includes(name));
  /** The other parameters of the page, and of this list those that a form does not set itself. */
  const kept = (...names: string[]): Parameter[] => [
    ...(address.asked ?? []),
    ...others(...names.map((name) => prefix + name)),
    ...Object.entries(address.listings ?? {}).flatMap(([id, one]) => (id === shelfId ? [] : one.parameters)),
  ];

  const named = new Map(tools.filters.map(({ id, words }) => [id, words]));
  const wordsOf = ({ filter, unit }: FilterFacet, { key, name }: FacetValue): string => {
    if (name) return name;
    const kind = filterKind(filter.by);
    const said = (kind.chooses !== 'span' && kind.says?.(key, texts)) || String(key);
    return unit ? `${said} ${unit}` : said;
  };
  const titleOf = ({ filter, name }: FilterFacet): string =>
    named.get(filterId(filter)) || name || filterKind(filter.by).title(texts);

  const toggled = (facet: FilterFacet, value: FacetValue): Parameter[] => {
    const name = prefix + facet.parameter;
    const joins = isSeveral(facet);
    const before = joins ? parameters.filter(([one]) => one === name).map(([, one]) => one) : [];
    const next = value.chosen ? before.filter((one) => one !== value.value) : [...before, value.value];
    return [...others(name), ...next.map((one): Parameter => [name, one])];
  };

  const spanFilter = (facet: FilterFacet): ToolFilter[] => {
    const { span, chosen, parameter } = facet;
    const said = spanOf(facet, context);
    // There is nothing to choose from, unless that is because of what is chosen.
    if (!said || (!chosen && (!span || span.least === span.most))) return [];
    const name = prefix + parameter;
    const fields = { least: name + LEAST_END, most: name + MOST_END, kept: kept(parameter) };
    return [
      {
        id: filterId(facet.filter),
        name,
        words: titleOf(facet),
        drawn: 'span',
        values: [],
        span: { ...said, ...fields },
        chosen: chosen ? 1 : 0,
      },
    ];
  };

  const valuesFilter = (facet: FilterFacet, drawn: 'list' | 'tree' | 'box'): ToolFilter[] => {
    const isChosen = facet.values.some((value) => value.chosen);
    const joins = isChosen && isSeveral(facet);
    const rows =
      drawn === 'tree' ? treeRows(facet, context) : facet.values.map((value) => ({ value, depth: 0 }));
    const values = rows.flatMap(({ value, depth }): ToolValue[] => {
      const finds = value.count > 0;
      if (!finds && !value.chosen && tools.none === 'hidden') return [];
      return [
        {
          id: value.value,
          words: wordsOf(facet, value),
          count: value.chosen ? null : value.count,
          adds: joins && !value.chosen ? Math.max(0, value.count - total) : null,
          chosen: value.chosen,
          href: finds || value.chosen ? href(toggled(facet, value)) : null,
          depth,
          face: context.faceOf(value),
        },
      ];
    });
    if (values.length === 0) return [];
    const swatched = drawn === 'list' && values.some(({ face }) => face.by !== 'words');
    return [
      {
        id: filterId(facet.filter),
        name: prefix + facet.parameter,
        words: titleOf(facet),
        drawn: swatched ? 'swatches' : drawn,
        values: drawn === 'tree' ? [whole(facet, isChosen), ...values] : values,
        span: null,
        chosen: facet.values.filter((value) => value.chosen).length,
      },
    ];
  };

  /** What takes a category off again. */
  const whole = (facet: FilterFacet, isChosen: boolean): ToolValue => ({
    id: '',
    words: texts.allProducts,
    count: isChosen ? facet.off : null,
    adds: null,
    chosen: !isChosen,
    href: isChosen ? href(others(prefix + facet.parameter)) : null,
    depth: 0,
    face: WORDS,
  });

  const filterOf = (facet: FilterFacet): ToolFilter[] => {
    const kind = filterKind(facet.filter.by);
    return kind.chooses === 'span' ? spanFilter(facet) : valuesFilter(facet, kind.drawn);
  };

  const chips = facets.flatMap((facet): ToolChip[] => {
    const chip = (words: string, next: readonly Parameter[]): ToolChip => ({
      words,
      said: texts.takeOff(words),
      href: href(next),
    });
    if (facet.chosen) return [chip(chosenWords(facet, context), others(prefix + facet.parameter))];
    return facet.values
      .filter(({ chosen }) => chosen)
      .map((value) => chip(wordsOf(facet, value), toggled(facet, value)));
  });
  if (given.words)
    chips.push({
      words: `“${given.words}”`,
      said: texts.takeOff(given.words),
      href: href(others(prefix + WORDS_PARAMETER)),
    });

  const viewOptions = () =>
    LAYOUT_IDS.flatMap((id) => {
      const words = layoutKind(id).shoppers?.(texts);
      if (words === undefined) return [];
      const name = prefix + VIEW_PARAMETER;
      const next: Parameter[] = id === context.ownLayout ? [] : [[name, id]];
      return [
        {
          id,
          words,
          // The same part of the list, shown otherwise.
          href: hrefListing(address, shelfId, [...others(name), ...next], context.from),
          chosen: id === (given.view ?? context.ownLayout),
        },
      ];
    });
  const densities = () =>
    [
      { id: 'roomy', words: texts.roomy, next: [] as Parameter[] },
      { id: DENSE, words: texts.dense, next: [[prefix + DENSITY_PARAMETER, DENSE] as const] },
    ].map(({ id, words, next }) => ({
      id,
      words,
      href: hrefListing(address, shelfId, [...others(prefix + DENSITY_PARAMETER), ...next], context.from),
      chosen: (id === DENSE) === given.dense,
    }));
  // What is no choice among the goods stays when all of those are taken off.
  const stays = [SORT_PARAMETER, VIEW_PARAMETER, DENSITY_PARAMETER].map((name) => prefix + name);
  return {
    self: hrefListing(address, shelfId, parameters, context.from),
    action: address.path,
    count: tools.count,
    found: foundWords(tools, total, context),
    total,
    sort: isAnywhere(tools.sort)
      ? {
          shown: tools.sort,
          name: prefix + SORT_PARAMETER,
          options: [
            { id: '', words: texts.recommended, chosen: given.sort === null },
            ...tools.sorts.map((id) => ({ id, words: texts.sorts[id], chosen: given.sort === id })),
            // By a column of its table.
            ...(given.sort !== null &&
            context.sortedBy !== null &&
            !tools.sorts.some((id) => id === given.sort)
              ? [{ id: given.sort, words: context.sortedBy, chosen: true }]
              : []),
          ],
          kept: kept(SORT_PARAMETER),
          at: tools.sortAt,
          label: tools.sortWords || texts.sortBy,
          button: texts.sort,
        }
      : null,
    search:
      context.searches && isAnywhere(tools.search)
        ? {
            shown: tools.search,
            name: prefix + WORDS_PARAMETER,
            words: given.words,
            kept: kept(WORDS_PARAMETER),
            at: tools.searchAt,
            hint: tools.searchWords || texts.searchList,
            button: texts.searchNow,
          }
        : null,
    views: isAnywhere(tools.views)
      ? { shown: tools.views, said: texts.viewAs, options: viewOptions() }
      : null,
    density: isAnywhere(tools.dense)
      ? { shown: tools.dense, said: texts.density, options: densities() }
      : null,
    filters: facets.flatMap(filterOf),
    fold: tools.filtersWords || texts.filters,
    stand: context.stand,
    widthPx: tools.widthPx,
    gap: tools.gap,
    most: tools.most,
    chips,
    without: chips.length > 0 ? href(parameters.filter(([name]) => stays.includes(name))) : null,
  };
}

/** Values of it are joined by "or"; else one replaces another. */
const isSeveral = ({ filter }: FilterFacet) => filterKind(filter.by).chooses === 'several';
