import { describe, expect, it } from 'vitest';
import type { FacetValue, FilterFacet } from '../listing/filterFacet.ts';
import { NOTHING_CHOSEN, type GivenListing, type Parameter } from './address.ts';
import { completePlan } from '../plan/storedPlan.ts';
import { specimenBay, specimenShelf, specimenStored, specimenTree } from '../specimen/specimen.ts';
import { firstTexts } from '../texts/index.ts';
import { unfolded } from './toolFilter.ts';
import { toolsView, type ToolsContext } from './toolsView.ts';

const value = (key: string | number, count: number, more: Partial<FacetValue> = {}): FacetValue => ({
  key,
  value: String(key),
  name: `Value ${key}`,
  count,
  chosen: false,
  colour: null,
  picture: null,
  ...more,
});

const facet = (filter: FilterFacet['filter'], more: Partial<FilterFacet> = {}): FilterFacet => ({
  filter,
  parameter: filter.by,
  name: '',
  unit: '',
  off: 40,
  values: [],
  span: null,
  chosen: null,
  ...more,
});

const viewOf = (
  facets: readonly FilterFacet[],
  {
    tools = {},
    parameters = [],
    sort = null,
    total = 20,
    more = {},
  }: {
    tools?: object;
    parameters?: readonly Parameter[];
    sort?: string | null;
    total?: number;
    more?: Partial<ToolsContext>;
  } = {},
) => {
  const plan = completePlan(
    specimenStored(
      [{ ...specimenShelf('a'), tools: { sort: { phone: true }, ...tools } }],
      [specimenBay('a')],
    ),
  );
  const given: GivenListing = { ...NOTHING_CHOSEN, parameters, sort };
  return toolsView(plan.shelves.a!, facets, total, {
    address: { path: '/shop', from: { a: 24 }, open: {}, listings: { a: given } },
    prefix: '',
    searches: true,
    sortedBy: null,
    texts: firstTexts,
    tree: specimenTree,
    around: null,
    currency: { code: 'GBP', locale: 'en-GB' },
    from: 24,
    ownLayout: 'grid',
    faceOf: ({ colour }) => (colour ? { by: 'colour', colour } : { by: 'words' }),
    stand: { phone: 'start' },
    ...more,
  });
};

const path = (href: string | null) => href?.split('#')[0];

describe('values of a filter', () => {
  it('say what each would find, lead there, and begin the list anew', () => {
    const [brand] = viewOf([facet({ by: 'brand' }, { values: [value('ada', 7), value('bo', 0)] })], {
      parameters: [['sort', 'price']],
    }).filters;
    expect(brand!.values.map(({ id, count, adds, href }) => [id, count, adds, path(href)])).toEqual([
      ['ada', 7, null, '/shop?brand=ada&sort=price'],
    ]);
    expect(brand!.words).toBe('Brand');
  });

  it('of which one is chosen are joined, and say what they add; those that add nothing are left out or off', () => {
    const values = [value('ada', 20, { chosen: true }), value('bo', 35), value('cy', 0)];
    const parameters: Parameter[] = [['brand', 'ada']];
    const [brand] = viewOf([facet({ by: 'brand' }, { values })], { parameters }).filters;
    expect(brand!.values.map(({ id, count, adds, href }) => [id, count, adds, path(href)])).toEqual([
      ['ada', null, null, '/shop'],
      ['bo', 35, 15, '/shop?brand=ada&brand=bo'],
    ]);
    const [shown] = viewOf([facet({ by: 'brand' }, { values })], {
      parameters,
      tools: { none: 'off' },
    }).filters;
    expect(shown!.values.map(({ id, href }) => [id, path(href)])).toContainEqual(['cy', undefined]);
  });

  it('of a tree replace each other, with the way down to the chosen one open', () => {
    const [root] = specimenTree.roots;
    const child = specimenTree.children(root!.id)[0]!;
    const values = specimenTree.all.map(({ id }) =>
      value(id, 5, { value: `c${id}`, chosen: id === child.id }),
    );
    const view = viewOf([facet({ by: 'category' }, { values })], {
      parameters: [['category', `c${child.id}`]],
    });
    const [category] = view.filters;
    const at = (id: number) => category!.values.find((one) => one.id === `c${id}`);
    expect(category!.values[0]).toMatchObject({ words: 'All products', count: 40, depth: 0, chosen: false });
    expect(path(category!.values[0]!.href)).toBe('/shop');
    expect(at(root!.id)).toMatchObject({ depth: 0 });
    expect(at(child.id)).toMatchObject({ depth: 1, chosen: true });
    expect(path(at(root!.id)!.href)).toBe(`/shop?category=c${root!.id}`);
    expect(view.filters[0]!.values.filter(({ depth }) => depth > 0).map(({ id }) => id)).toEqual(
      expect.arrayContaining(specimenTree.children(root!.id).map(({ id }) => `c${id}`)),
    );
  });

  it('are what is below the category of a page, on that page', () => {
    const [root] = specimenTree.roots;
    const values = specimenTree.all.map(({ id }) => value(id, 5));
    const [category] = viewOf([facet({ by: 'category' }, { values })], {
      more: { around: { of: 'category', id: root!.id } },
    }).filters;
    expect(category!.values.slice(1).map(({ id }) => Number(id))).toEqual(
      specimenTree.children(root!.id).map(({ id }) => id),
    );
  });

  it('are folded past so many, but never what is chosen, and never one alone', () => {
    const { values } = viewOf([
      facet(
        { by: 'brand' },
        { values: Array.from({ length: 12 }, (_, i) => value(i, 5, { chosen: i === 11 })) },
      ),
    ]).filters[0]!;
    const [first, rest] = unfolded({ values, drawn: 'list' }, 5);
    expect(first.map(({ id }) => id)).toEqual(['0', '1', '2', '3', '4', '11']);
    expect(rest).toHaveLength(6);
    expect(unfolded({ values, drawn: 'list' }, 10)[1]).toEqual([]);
    expect(unfolded({ values, drawn: 'swatches' }, 5)[0]).toHaveLength(12);
    expect(unfolded({ values, drawn: 'swatches' }, 4)[0]).toHaveLength(9);
  });

  it('are swatches where anything but their names tells them apart', () => {
    const option = { by: 'option', option: 1 } as const;
    const drawn = (colour: string | null) =>
      viewOf([facet(option, { name: 'Glaze', values: [value(1, 3, { colour }), value(2, 4)] })]).filters[0]!;
    expect(drawn('#8899aa')).toMatchObject({ drawn: 'swatches', words: 'Glaze' });
    expect(drawn(null).drawn).toBe('list');
  });
});

describe('a span', () => {
  const span = {
    least: 950,
    most: 8_600,
    bars: [
      { from: 0, to: 5_000, count: 3 },
      { from: 5_000, to: 10_000, count: 1 },
    ],
  };

  it('is said and typed in the money of the store, and marks the bars that are within', () => {
    const parameters: Parameter[] = [['price', '-50']];
    const view = viewOf([facet({ by: 'price' }, { span, chosen: { least: null, most: 4_999 } })], {
      parameters,
    });
    const [price] = view.filters;
    expect(price!.span).toMatchObject({
      least: 'price.least',
      most: 'price.most',
      from: '',
      to: '49.99',
      lowest: '9.50',
      highest: '86',
      words: '£9.50 to £86',
      kept: [],
    });
    expect(price!.span!.bars.map(({ chosen }) => chosen)).toEqual([true, false]);
    expect(view.chips.map(({ words, href }) => [words, path(href)])).toEqual([['Up to £49.99', '/shop']]);
    expect(view.sort!.kept).toEqual(parameters);
  });

  it('is not there where there is nothing to choose from, unless it is chosen', () => {
    const alone = { least: 500, most: 500, bars: [{ from: 500, to: 501, count: 2 }] };
    expect(viewOf([facet({ by: 'price' }, { span: alone })]).filters).toEqual([]);
    expect(viewOf([facet({ by: 'price' })]).filters).toEqual([]);
    expect(viewOf([facet({ by: 'price' }, { chosen: { least: 1, most: null } })]).filters).toHaveLength(1);
  });
});

describe('the list as a whole', () => {
  it('can be put back, in the order and the layout that were chosen', () => {
    const view = viewOf([facet({ by: 'brand' }, { values: [value('ada', 20, { chosen: true })] })], {
      parameters: [
        ['brand', 'ada'],
        ['sort', 'name'],
        ['view', 'list'],
      ],
    });
    expect(path(view.without)).toBe('/shop?sort=name&view=list');
    expect(path(view.self)).toBe('/shop?a.from=24&brand=ada&sort=name&view=list');
    expect(viewOf([]).without).toBeNull();
  });

  it('offers to show more at once, from the same place of the list on', () => {
    const tools = { dense: { phone: true } };
    const { density } = viewOf([], { tools, parameters: [['view', 'list']] });
    expect(density!.options.map(({ words, chosen, href }) => [words, chosen, path(href)])).toEqual([
      ['Roomy', true, '/shop?a.from=24&view=list'],
      ['Dense', false, '/shop?a.from=24&density=dense&view=list'],
    ]);
    expect(viewOf([]).density).toBeNull();
  });

  it('says what it is sorted by, though the menu does not have that', () => {
    const chosenIn = (sort: string | null, sortedBy: string | null) =>
      viewOf([], { sort, more: { sortedBy } })
        .sort!.options.filter(({ chosen }) => chosen)
        .map(({ id, words }) => [id, words]);
    expect(chosenIn(null, null)).toEqual([['', 'Recommended']]);
    expect(chosenIn('price', 'Price, lowest first')).toEqual([['price', 'Price, lowest first']]);
    expect(chosenIn('field.capacity', 'Capacity')).toEqual([['field.capacity', 'Capacity']]);
  });

  it('says its tools in words of its own, and in the usual ones where it has none', () => {
    const said = (tools: object) => {
      const { sort, search, fold } = viewOf([facet({ by: 'brand' }, { values: [value('ada', 20)] })], {
        tools: { search: { phone: true }, ...tools },
      });
      return [sort!.label, search!.hint, fold];
    };
    expect(said({})).toEqual(['Sort by', 'Search this list', 'Filters']);
    expect(
      said({ sortWords: 'In order of', searchWords: 'Find a pot', filtersWords: 'Narrow down' }),
    ).toEqual(['In order of', 'Find a pot', 'Narrow down']);
  });

  it('says how many it found in words of its own, one otherwise than several', () => {
    const found = (tools: object, total: number) => viewOf([], { tools, total }).found;
    expect([1, 2, 1240].map((total) => found({}, total))).toEqual([
      '1 product',
      '2 products',
      '1,240 products',
    ]);
    const own = { countWords: '{count} pots, all {count} thrown' };
    expect(found(own, 1240)).toBe('1,240 pots, all 1,240 thrown');
    expect(found(own, 1)).toBe('1 pots, all 1 thrown');
    expect(found({ ...own, countOneWords: 'One pot' }, 1)).toBe('One pot');
    expect(found({ countOneWords: 'One pot' }, 2)).toBe('2 products');
    expect(found({ countWords: 'Our range' }, 7)).toBe('Our range');
  });

  it('offers the layouts that shoppers may choose, its own without a word in the address', () => {
    const { views } = viewOf([], { tools: { views: { phone: true } }, parameters: [['brand', 'ada']] });
    expect(views!.options.map(({ id, chosen, href }) => [id, chosen, path(href)])).toEqual([
      ['grid', true, '/shop?a.from=24&brand=ada'],
      ['list', false, '/shop?a.from=24&brand=ada&view=list'],
      ['table', false, '/shop?a.from=24&brand=ada&view=table'],
    ]);
    const mixed = viewOf([], { tools: { views: { phone: true } }, more: { ownLayout: null } }).views!;
    expect(mixed.options.map(({ chosen }) => chosen)).toEqual([false, false, false]);
  });
});
