import { filterKind } from '../listing/filters/index.ts';
import { filterOf, shownFiltersSchema, type ShownFilter } from '../listing/shownFilter.ts';
import { SORT_IDS, sortOf, type SortId } from '../listing/sorts.ts';
import { array, string, type Schema } from '../schema/schema.ts';
import { listed, lowered, type Names } from '../sentence/sentence.ts';
import { choice, inParts, integer, own, text, yesNo } from '../settings/values.ts';
import { byWidth, setting, varying, type ReadSetting } from '../settings/setting.ts';

/** Where the filters of a list stand. */
export const TOOLS_STAND = {
  start: 'At the start',
  end: 'At the end',
  button: 'Behind a button',
  menus: 'As menus above',
} as const;
export type ToolsStand = keyof typeof TOOLS_STAND;

/** Whether filters stand beside a list; else they take none of its width. */
export const isBesideList = (stand: ToolsStand): stand is 'start' | 'end' =>
  stand === 'start' || stand === 'end';

/** What a filter is called for the owner. */
export function filterName({ id, words }: ShownFilter, names: Names): string {
  const filter = filterOf(id);
  return words ?? (filter ? filterKind(filter.by).named(filter, names) : id);
}

/** On which side of the line above a list. */
const AT = { start: 'At the start', end: 'At the end' } as const;

const sortsSchema = array(string().oneOf(SORT_IDS).required())
  .test('once', 'A way to sort is there twice.', (ids) => new Set(ids).size === (ids?.length ?? 0))
  .required() as unknown as Schema<SortId[]>;

const atSomeWidth = (read: ReadSetting, id: string) => Object.values(read(id) as object).includes(true);

const withoutFilters = (read: ReadSetting) =>
  (read('tools.filters') as readonly ShownFilter[]).length > 0 ? null : 'There are no filters';
const besideNowhere = (read: ReadSetting) =>
  withoutFilters(read) ??
  (Object.values(read('tools.stand') as Record<string, ToolsStand>).some(isBesideList)
    ? null
    : 'Filters stand beside the list at no width');

/** Of words that a list has in the place of the usual ones. */
const LONGEST_TOOL_WORDS = 40;
const AS_USUAL = 'as usual';

const withoutCount = (read: ReadSetting) =>
  atSomeWidth(read, 'tools.count') ? null : 'The number found is not shown';
const withoutSort = (read: ReadSetting) =>
  atSomeWidth(read, 'tools.sort') ? null : 'There is no menu to sort';
const withoutSearch = (read: ReadSetting) =>
  atSomeWidth(read, 'tools.search') ? null : 'There is no search';

/** What shoppers find things in a list with: a menu to sort it, filters, and a search within it. */
export const toolsSettings = {
  tools: {
    count: varying(yesNo(), false, {
      name: 'Number found',
      find: ['count', 'number', 'found', 'products', 'how many'],
      items: ['products'],
    }),
    countWords: setting(text(LONGEST_TOOL_WORDS, AS_USUAL), '', {
      name: 'Words of the number found',
      find: ['count', 'number', 'found', 'words', 'text'],
      about: '{count} stands for the number. While it is empty, as the texts of the store say it.',
      items: ['products'],
      offBecause: withoutCount,
    }),
    countOneWords: setting(text(LONGEST_TOOL_WORDS, 'as for several'), '', {
      name: 'Where one is found',
      find: ['count', 'number', 'found', 'one', 'words', 'text'],
      about: 'While it is empty, as for several.',
      items: ['products'],
      offBecause: withoutCount,
    }),
    sort: varying(yesNo(), false, {
      name: 'Sort menu',
      find: ['sort', 'order', 'menu', 'tools'],
      items: ['products'],
    }),
    sorts: setting(
      own<SortId[]>(sortsSchema, (ids) => listed(ids.map((id) => lowered(sortOf(id)?.name ?? id))) || 'none'),
      ['newest', 'price', 'price-down', 'rating', 'name'],
      {
        name: 'Ways to sort',
        find: ['sort', 'order', 'price', 'withhold', 'newest'],
        about: 'The order of the list itself comes first.',
        items: ['products'],
        offBecause: withoutSort,
      },
    ),
    search: varying(yesNo(), false, {
      name: 'Search within the list',
      find: ['search', 'words', 'find', 'tools'],
      items: ['products'],
    }),
    sortAt: setting(choice(AT), 'end', {
      name: 'Sort menu stands',
      find: ['sort', 'place', 'side'],
      items: ['products'],
      offBecause: withoutSort,
    }),
    searchAt: setting(choice(AT), 'end', {
      name: 'Search stands',
      find: ['search', 'place', 'side'],
      items: ['products'],
      offBecause: withoutSearch,
    }),
    sortWords: setting(text(LONGEST_TOOL_WORDS, AS_USUAL), '', {
      name: 'Before the sort menu',
      find: ['sort', 'words', 'text', 'label'],
      about: 'While it is empty, as the texts of the store say it.',
      items: ['products'],
      offBecause: withoutSort,
    }),
    searchWords: setting(text(LONGEST_TOOL_WORDS, AS_USUAL), '', {
      name: 'In the empty search field',
      find: ['search', 'words', 'text', 'placeholder'],
      about: 'While it is empty, as the texts of the store say it.',
      items: ['products'],
      offBecause: withoutSearch,
    }),
    views: varying(yesNo(), false, {
      name: 'Switch between grid, list and table',
      find: ['switch', 'grid', 'list', 'table', 'view', 'layout', 'tools'],
      items: ['products'],
      about: 'For shoppers: each has the list as it is chosen, at every width.',
    }),
    dense: varying(yesNo(), false, {
      name: 'Switch between roomy and dense',
      find: ['switch', 'dense', 'roomy', 'compact', 'density', 'tools'],
      items: ['products'],
      about: 'For shoppers: dense is half as many again side by side, closer together.',
    }),
    filters: setting(
      inParts(
        own<ShownFilter[]>(shownFiltersSchema, (filters, names) =>
          filters.length ? listed(filters.map((one) => lowered(filterName(one, names)))) : 'none',
        ),
      ),
      [],
      {
        name: 'Filters',
        find: ['filters', 'narrow', 'facets', 'category', 'price', 'brand', 'stock', 'rating', 'tools'],
        items: ['products'],
      },
    ),
    stand: varying(choice<ToolsStand>(TOOLS_STAND), byWidth('button', { 880: 'start' }), {
      name: 'Filters stand',
      find: ['filters', 'side', 'button', 'place'],
      items: ['products'],
      offBecause: withoutFilters,
    }),
    widthPx: varying(integer(140, 480, 'px', { step: 4 }), 224, {
      name: 'Width of the filters',
      find: ['filters', 'width', 'side'],
      items: ['products'],
      offBecause: besideNowhere,
    }),
    gap: varying(integer(0, 120, 'px', { step: 4 }), 32, {
      name: 'Space beside the filters',
      find: ['filters', 'space', 'gap'],
      items: ['products'],
      offBecause: besideNowhere,
    }),
    filtersWords: setting(text(LONGEST_TOOL_WORDS, AS_USUAL), '', {
      name: 'Above the filters, and on their button',
      find: ['filters', 'words', 'text', 'button', 'heading'],
      about: 'While it is empty, as the texts of the store say it.',
      items: ['products'],
      offBecause: withoutFilters,
    }),
    most: setting(integer(3, 60), 8, {
      name: 'Values shown at first',
      find: ['filters', 'values', 'more', 'fold'],
      about: 'The others are behind a button.',
      items: ['products'],
      offBecause: withoutFilters,
    }),
    none: setting(choice({ hidden: 'Not shown', off: 'Shown, but off' }), 'hidden', {
      name: 'Values that would find nothing',
      find: ['filters', 'values', 'zero', 'nothing', 'empty'],
      items: ['products'],
      offBecause: withoutFilters,
    }),
  },
};
