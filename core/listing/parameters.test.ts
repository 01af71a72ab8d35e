import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allFilters, choicesArbitrary } from '../specimen/listings.ts';
import { filterId, type Filter } from './filters/index.ts';
import { listingParameters, wordsOf } from './parameters.ts';
import type { ListingWords } from './words.ts';

const option = (id: number, name: string, values: [number, string][]) => ({
  id,
  name,
  values: values.map(([value, said]) => ({ id: value, name: said, colour: null, picture: null })),
});

const words: ListingWords = {
  categories: [1, 2, 3, 4, 5].map((id) => ({ id, slug: `c${id}`, name: `Category ${id}` })),
  brands: [1, 2, 3].map((id) => ({ id, slug: `maker-${id}`, name: `Maker ${id}` })),
  options: [
    option(1, 'Glaze', [
      [1, 'Fog Bank'],
      [2, 'fog-bank'],
      [3, 'Fog bank 2'],
      [4, '霧'],
    ]),
    option(2, 'Price', [
      [5, 'S'],
      [6, 'M'],
      [7, 'L'],
    ]),
  ],
  fields: [
    { id: 'glaze', name: 'Glaze', type: 'text', unit: '' },
    { id: 'safe', name: 'Food-safe', type: 'yesNo', unit: '' },
    { id: 'height', name: 'Height', type: 'number', unit: 'cm' },
  ],
  tagNames: new Map(),
  occurs: () => true,
};
const parameters = listingParameters(words, 2);
const read = (filter: Filter, ...values: string[]) =>
  parameters.read(filter, { values, least: null, most: null });

describe('what is chosen, in an address', () => {
  it('has a name of its own for each filter', () => {
    const names = allFilters.map((filter) => parameters.nameOf(filter));
    // A field can be chosen by its values or by its figures, never by both.
    const different = new Set(names.filter((_, i) => allFilters[i]!.by !== 'measure'));
    expect(different.size).toBe(allFilters.length - 1);
    expect(names.slice(0, 5)).toEqual(['category', 'price', 'glaze', 'price-2', 'in-stock']);
    expect(different).toContain('glaze-2');
    expect(parameters.nameOf({ by: 'option', option: 9 })).toBeNull();
    expect(parameters.nameOf({ by: 'field', field: 'gone' })).toBeNull();
  });

  it('comes back as it was, whatever is chosen that there is', () => {
    fc.assert(
      fc.property(choicesArbitrary, (choices) => {
        for (const choice of choices) {
          if ('keys' in choice && choice.keys.includes(99)) continue;
          if ('span' in choice && choice.span.least === null && choice.span.most === null) continue;
          const again = parameters.read(choice.filter, {
            values: parameters.write(choice),
            least: null,
            most: null,
          });
          if ('keys' in choice) {
            expect(again, filterId(choice.filter)).toEqual({
              ...choice,
              keys: [...choice.keys].sort((a, b) => (a < b ? -1 : 1)),
            });
            continue;
          }
          const { least, most } = choice.span;
          const ends = [least, most].map((end) =>
            end !== null && choice.filter.by === 'price' ? Math.max(0, end) : end,
          );
          const turned = ends[0] !== null && ends[1] !== null && ends[0]! > ends[1]!;
          expect(again).toEqual({
            filter: choice.filter,
            span: turned ? { least: ends[1], most: ends[0] } : { least: ends[0], most: ends[1] },
          });
        }
      }),
    );
  });

  it('reads the same whatever order and however often values are said', () => {
    const glaze: Filter = { by: 'option', option: 1 };
    expect(read(glaze, 'fog-bank', 'fog-bank-2', 'fog-bank')).toEqual(read(glaze, 'fog-bank-2', 'fog-bank'));
    expect([1, 2, 3, 4].map((id) => parameters.valueOf(glaze, id))).toEqual([
      'fog-bank',
      'fog-bank-2',
      'fog-bank-2-2',
      'value-2',
    ]);
    expect(read({ by: 'category' }, 'c1', 'c3')).toEqual({ filter: { by: 'category' }, keys: [3] });
  });

  it.each<[Filter, string[]]>([
    [{ by: 'category' }, ['gone', '', '1', 'C1']],
    [{ by: 'brand' }, ['1', 'maker']],
    [{ by: 'option', option: 1 }, ['red', '1', 'x'.repeat(10_000)]],
    [{ by: 'option', option: 9 }, ['fog-bank']],
    [{ by: 'rating' }, ['5', '0', '4.5', 'four', '-4']],
    [{ by: 'stock' }, ['no', 'true', '1']],
    [{ by: 'price' }, ['', '-', 'a-b', '1e3-2', '20', '--', '1-2-3', `${'9'.repeat(400)}-`]],
    [{ by: 'field', field: 'safe' }, ['maybe', 'true']],
    [{ by: 'measure', field: 'height' }, ['tall', '10']],
  ])('drops what %o knows nothing of', (filter, values) => {
    for (const value of values) expect(read(filter, value), value).toBeNull();
    expect(read(filter)).toBeNull();
  });

  it('asks of tags and fields whether there is such a thing', () => {
    const none = listingParameters({ ...words, occurs: (_, key) => key === 'gift' || key === 12.5 }, 2);
    const ends = { least: null, most: null };
    expect(none.read({ by: 'tag' }, { values: ['gift', 'gone'], ...ends })).toEqual({
      filter: { by: 'tag' },
      keys: ['gift'],
    });
    expect(none.read({ by: 'field', field: 'glaze' }, { values: ['ash'], ...ends })).toBeNull();
    expect(none.read({ by: 'field', field: 'height' }, { values: ['12.5', '4'], ...ends })).toEqual({
      filter: { by: 'field', field: 'height' },
      keys: [12.5],
    });
  });

  it('has prices as people say them, either way round, in one piece or in two', () => {
    const price: Filter = { by: 'price' };
    const span = (least: number | null, most: number | null) => ({ filter: price, span: { least, most } });
    expect(read(price, '20-60')).toEqual(span(2_000, 6_000));
    expect(read(price, '60-20')).toEqual(span(2_000, 6_000));
    expect(read(price, '9.5-')).toEqual(span(950, null));
    expect(read(price, '-60')).toEqual(span(null, 6_000));
    expect(read(price, '9,50-12')).toEqual(span(950, 1_200));
    expect(parameters.write(span(950, null))).toEqual(['9.5-']);
    expect(parameters.read(price, { values: [], least: '20', most: '' })).toEqual(span(2_000, null));
    expect(parameters.read(price, { values: [], least: '-5', most: '999999999999' })).toEqual(span(0, 1e11));
    expect(listingParameters(words, 0).read(price, { values: ['20-60'], least: null, most: null })).toEqual(
      span(20, 60),
    );
    expect(read({ by: 'measure', field: 'height' }, '-3-4.5')).toEqual({
      filter: { by: 'measure', field: 'height' },
      span: { least: -3, most: 4.5 },
    });
  });

  it('keeps what is searched to a length, without what cannot be stored', () => {
    expect(wordsOf('  tall\t\tjug \0')).toBe('tall jug');
    expect(wordsOf('x'.repeat(10_000))).toHaveLength(120);
    expect(wordsOf(undefined)).toBe('');
  });
});
