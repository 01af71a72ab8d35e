import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allFilters, choicesArbitrary, listingArbitrary } from '../specimen/listings.ts';
import { remains, type Choice } from './choice.ts';
import { countFacets } from './countFacets.ts';
import { MOST_BARS, roundEdges } from './facets.ts';
import type { FilterKey } from './filterKind.ts';
import { filterId, filterKind, type Filter } from './filters/index.ts';
import { amongIds, listingIndex } from './listingIndex.ts';
import type { ListingRecord } from './record.ts';

const count = (records: readonly ListingRecord[], choices: readonly Choice[]) =>
  records.filter((record) => remains(record, choices)).length;

/** What is chosen after a value has been followed: it replaces what was chosen of its filter, or joins it. */
const following = (choices: readonly Choice[], filter: Filter, key: FilterKey): Choice[] => {
  const others = choices.filter((one) => filterId(one.filter) !== filterId(filter));
  const before = choices.find((one) => filterId(one.filter) === filterId(filter));
  const joins = filterKind(filter.by).chooses === 'several' && before && 'keys' in before;
  return [...others, { filter, keys: joins ? [...before.keys, key] : [key] }];
};

const without = (choices: readonly Choice[], filter: Filter) =>
  choices.filter((one) => filterId(one.filter) !== filterId(filter));

describe('counts beside the values of filters', () => {
  it('are what the listing has after following them, whatever is chosen already', () => {
    fc.assert(
      fc.property(listingArbitrary, choicesArbitrary, (records, choices) => {
        const { facets, remaining } = countFacets(listingIndex(records), null, allFilters, choices);
        const left = records.filter((record) => remains(record, choices));
        expect(facets.total).toBe(left.length);
        expect(remaining.map((place) => records[place]!.id)).toEqual(left.map(({ id }) => id));
        allFilters.forEach((filter, i) => {
          const found = facets.filters[i]!;
          expect(found.off, filterId(filter)).toBe(count(records, without(choices, filter)));
          if (!('values' in found)) return;
          expect(new Set(found.values.map(({ key }) => key)).size).toBe(found.values.length);
          for (const { key, count: said } of found.values)
            expect(said, `${filterId(filter)} ${String(key)}`).toBe(
              count(records, following(choices, filter, key)),
            );
        });
      }),
      { numRuns: 400 },
    );
  });

  it('leave out no value that would find something, or something more', () => {
    fc.assert(
      fc.property(listingArbitrary, choicesArbitrary, (records, choices) => {
        const { facets } = countFacets(listingIndex(records), null, allFilters, choices);
        allFilters.forEach((filter, i) => {
          const kind = filterKind(filter.by);
          const found = facets.filters[i]!;
          if (kind.chooses === 'span' || !('values' in found)) return;
          const all = new Set(
            records.flatMap((record) =>
              record.variants.flatMap((variant) => kind.keys(filter, record, variant)),
            ),
          );
          for (const key of all)
            if (!found.values.some((one) => one.key === key))
              expect(
                count(records, following(choices, filter, key)),
                `${filterId(filter)} ${String(key)}`,
              ).toBe(
                kind.chooses === 'several' && choices.some((one) => filterId(one.filter) === filterId(filter))
                  ? facets.total
                  : 0,
              );
        });
      }),
    );
  });

  it('of a span: the least, the greatest and each bar are true without the span itself', () => {
    fc.assert(
      fc.property(listingArbitrary, choicesArbitrary, (records, choices) => {
        const { facets } = countFacets(listingIndex(records), null, allFilters, choices);
        allFilters.forEach((filter, i) => {
          const found = facets.filters[i]!;
          if (!('span' in found)) return;
          const others = without(choices, filter);
          const within = (least: number | null, most: number | null) =>
            count(records, [...others, { filter, span: { least, most } }]);
          if (!found.span) {
            expect(within(null, null)).toBe(0);
            return;
          }
          const { least, most, bars } = found.span;
          expect(within(least, most)).toBe(within(null, null));
          expect(within(null, least - 0.01)).toBe(0);
          expect(within(most + 0.01, null)).toBe(0);
          expect(within(least, least)).toBeGreaterThan(0);
          expect(within(most, most)).toBeGreaterThan(0);
          expect(bars.length).toBeLessThanOrEqual(MOST_BARS);
          for (const { from, to, count: said } of bars) expect(said).toBe(within(from, to - 0.01));
        });
      }),
    );
  });

  it('are of the listing alone, where that is not everything', () => {
    fc.assert(
      fc.property(
        listingArbitrary.chain((records) => fc.tuple(fc.constant(records), fc.subarray(records))),
        choicesArbitrary,
        ([records, some], choices) => {
          const index = listingIndex(records);
          const among = amongIds(index, [...some.map(({ id }) => id), 1_000_000]);
          const { facets } = countFacets(index, among, allFilters, choices);
          const alone = countFacets(listingIndex(some), null, allFilters, choices).facets;
          const sorted = ({ total, filters }: typeof facets) => ({
            total,
            filters: filters.map((one) =>
              'values' in one
                ? [...one.values].sort((a, b) => (String(a.key) < String(b.key) ? -1 : 1))
                : one.span,
            ),
          });
          expect(sorted(facets)).toEqual(sorted(alone));
        },
      ),
    );
  });

  it('of filters that are chosen from but not shown count as well', () => {
    const record = (id: number, brandId: number, tags: string[]): ListingRecord => ({
      id,
      categoryIds: [],
      brandId,
      tags,
      isReduced: false,
      ratingSum: 0,
      ratingCount: 0,
      fields: {},
      variants: [{ values: [], paid: 100, available: true }],
    });
    const index = listingIndex([record(1, 1, ['a']), record(2, 2, ['a']), record(3, 1, [])]);
    const { facets } = countFacets(index, null, [{ by: 'tag' }], [{ filter: { by: 'brand' }, keys: [1] }]);
    expect(facets).toEqual({ total: 2, filters: [{ off: 2, values: [{ key: 'a', count: 1 }] }] });
  });
});

describe('an index that is kept up to date', () => {
  it('counts as one that is made anew, whatever is put in and taken out', () => {
    const change = fc.oneof(
      fc.record({ put: fc.nat(39), as: fc.nat(39) }),
      fc.record({ remove: fc.nat(39) }),
    );
    fc.assert(
      fc.property(
        listingArbitrary,
        listingArbitrary,
        fc.array(change, { maxLength: 20 }),
        choicesArbitrary,
        (records, others, changes, choices) => {
          const index = listingIndex(records);
          for (const filter of allFilters) index.column(filter);
          const now = new Map(records.map((record) => [record.id, record]));
          for (const one of changes) {
            if ('remove' in one) {
              index.remove(2 * one.remove + 1);
              now.delete(2 * one.remove + 1);
              continue;
            }
            const as = others[one.as % Math.max(1, others.length)];
            if (!as) continue;
            const record = { ...as, id: 2 * one.put + 1 };
            index.put(record);
            now.set(record.id, record);
          }
          const counted = countFacets(index, null, allFilters, choices);
          expect(counted.facets.total).toBe(count([...now.values()], choices));
          expect(index.count()).toBe(now.size);
          const keyed = (facets: typeof counted.facets) =>
            facets.filters.map((one) =>
              'values' in one ? new Map(one.values.map(({ key, count: n }) => [key, n])) : one.span,
            );
          expect(keyed(counted.facets)).toEqual(
            keyed(countFacets(listingIndex(now.values()), null, allFilters, choices).facets),
          );
        },
      ),
    );
  });
});

describe('a filter that nothing has anything of', () => {
  it('counts nothing, and leaves nothing behind for having been asked for', () => {
    const index = listingIndex([]);
    const filter: Filter = { by: 'option', option: 7 };
    expect(index.column(filter)).not.toBe(index.column(filter));
    index.put({
      id: 1,
      categoryIds: [],
      brandId: null,
      tags: [],
      isReduced: false,
      ratingSum: 0,
      ratingCount: 0,
      fields: {},
      variants: [{ values: [[7, 70]], paid: 100, available: true }],
    });
    expect(index.column(filter)).toBe(index.column(filter));
    expect(countFacets(index, null, [filter], []).facets.filters).toEqual([
      { off: 1, values: [{ key: 70, count: 1 }] },
    ]);
  });
});

describe('round edges', () => {
  it('hold everything, are few, and are one, two or five of a power of ten apart', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -1_000, max: 2 ** 31 - 1 }),
        fc.nat(2 ** 31 - 1),
        fc.integer({ min: 2, max: 30 }),
        (least, more, most) => {
          const greatest = least + more;
          const edges = roundEdges(least, greatest, most);
          expect(edges[0]).toBeLessThanOrEqual(least);
          expect(edges.at(-1)).toBeGreaterThan(greatest);
          expect(edges.length - 1).toBeLessThanOrEqual(most);
          const step = edges[1]! - edges[0]!;
          expect(String(step)).toMatch(/^[125]0*$/);
        },
      ),
    );
  });
});
