import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { completeHouse } from '../plan/storedPlan.ts';
import { emptyVocabulary, namesFrom, type Vocabulary } from '../catalogue/vocabulary.ts';
import {
  assortmentArbitrary,
  clauseArbitraries,
  goodsArbitrary,
  ruleArbitrary,
  specimenWorld,
} from '../specimen/rules.ts';
import { specimenHouse, specimenTree } from '../specimen/specimen.ts';
import { readAssortment } from './assortment.ts';
import { clauseKind, clauseKinds, type Clause } from './clauses/index.ts';
import { eitherOf, mergedRule } from './either.ts';
import { clauseHolds } from './holds.ts';
import { resolveProducts } from './evaluate.ts';
import { explain } from './explain.ts';
import { orderKinds } from './orders/index.ts';
import { pinPlaces } from './pins.ts';
import { clausesIn, movePart, partAt, pathsIn, type Group } from './rule.ts';
import { suggest } from './suggest.ts';

const world = specimenWorld;

const vocabulary: Vocabulary = {
  ...emptyVocabulary,
  brands: [{ id: 1, name: 'Tobin Hale', products: 9 }],
  tags: [{ tag: 'gift ideas', number: 1, name: 'Presents', products: 3 }],
  options: [{ id: 1, name: 'Glaze', values: [{ id: 4, name: 'Fogbank', products: 12 }] }],
  fields: [
    { id: 'capacity', name: 'Capacity', type: 'number', unit: 'ml', values: [250], least: 60, most: 2400 },
  ],
};
const names = namesFrom(completeHouse(specimenHouse).house, specimenTree, vocabulary, (id) => `Piece ${id}`, {
  shelf: () => undefined,
  assortment: () => undefined,
  bay: () => undefined,
  page: () => undefined,
});

describe('an assortment', () => {
  it('holds nothing twice, what was put in and nothing that was left out', () => {
    fc.assert(
      fc.property(assortmentArbitrary, assortmentArbitrary, goodsArbitrary, (one, other, goods) => {
        const { ids, own } = resolveProducts(one, [other], goods, world);
        expect(new Set(ids).size).toBe(ids.length);
        expect(own).toBeLessThanOrEqual(ids.length);
        for (const id of one.byHand.leftOut) expect(ids).not.toContain(id);
        const stocked = new Map(goods.map((product) => [product.id, product.inStock]));
        const room = one.limit === null || one.limit >= one.byHand.putIn.length + one.byHand.pins.length;
        for (const id of one.byHand.putIn)
          if (
            stocked.has(id) &&
            !one.byHand.leftOut.includes(id) &&
            room &&
            (one.soldOut !== 'out' || stocked.get(id))
          )
            expect(ids).toContain(id);
        expect(ids.length).toBeLessThanOrEqual(one.limit ?? Infinity);
        expect(resolveProducts(one, [other], [...goods].reverse(), world).ids).toEqual(ids);
      }),
      { numRuns: 300 },
    );
  });

  it('meets its own schema, whatever its clauses', () => {
    fc.assert(
      fc.property(assortmentArbitrary, (one) => {
        expect(readAssortment(one)).toEqual(one);
      }),
      { numRuns: 300 },
    );
    for (const kind of clauseKinds)
      expect(kind.schema.isValidSync(kind.atFirst(), { strict: true }), kind.id).toBe(true);
    for (const kind of orderKinds)
      expect(kind.schema.isValidSync(kind.atFirst(), { strict: true }), kind.id).toBe(true);
  });

  it('explains every product as it decides, in a sentence', () => {
    fc.assert(
      fc.property(assortmentArbitrary, goodsArbitrary, (one, goods) => {
        const { ids, own } = resolveProducts(one, [], goods, world);
        const free = resolveProducts({ ...one, limit: null }, [], goods, world).ids;
        for (const product of goods) {
          const at = ids.indexOf(product.id);
          const without = free.indexOf(product.id);
          const answer = explain(
            one,
            product,
            { place: at < 0 ? null : at + 1, own, placeWithoutLimit: without < 0 ? null : without + 1 },
            world,
            names,
          );
          expect(answer.in).toBe(at >= 0);
          expect(answer.text).not.toContain('undefined');
          // Out for no reason but the greatest number is just what stands in the list without one.
          if (!answer.in) expect(answer.reason === 'limit').toBe(without >= 0);
        }
      }),
      { numRuns: 200 },
    );
  });
});

describe('two clauses that can be one', () => {
  it('hold for just what either holds for', () => {
    let merged = 0;
    for (const arbitrary of Object.values(clauseArbitraries) as fc.Arbitrary<Clause>[])
      fc.assert(
        fc.property(arbitrary, arbitrary, goodsArbitrary, (a, b, goods) => {
          const either = eitherOf(a, b);
          if (!either) return;
          merged += 1;
          expect(clauseKind(either.is).schema.isValidSync(either, { strict: true })).toBe(true);
          for (const product of goods)
            expect(clauseHolds(either, product, world)).toBe(
              clauseHolds(a, product, world) || clauseHolds(b, product, world),
            );
        }),
        { numRuns: 60 },
      );
    expect(merged).toBeGreaterThan(50);
    expect(eitherOf({ is: 'featured' }, { is: 'brand', ids: [1] })).toBeNull();
  });

  it('become one in a rule of which all is to be true, in the place of the first', () => {
    const vases: Clause = { is: 'category', ids: [1], below: true };
    const planters: Clause = { is: 'category', ids: [2], below: true };
    const rule: Group = { join: 'all', parts: [{ is: 'featured' }, vases, planters] };
    expect(mergedRule(rule)).toEqual({
      rule: { join: 'all', parts: [{ is: 'featured' }, { is: 'category', ids: [1, 2], below: true }] },
      of: [vases, planters],
      clause: { is: 'category', ids: [1, 2], below: true },
      at: 2,
    });
    expect(mergedRule({ ...rule, join: 'any' })).toBeNull();
    expect(mergedRule({ join: 'all', parts: [vases, { ...planters, below: false }] })).toBeNull();
    // One with everything below it and one without are not the same question.
    expect(mergedRule({ join: 'all', parts: [vases, { join: 'none', parts: [planters] }] })).toBeNull();
  });
});

describe('pinned items', () => {
  const at = (places: number[], total: number) =>
    pinPlaces(
      places.map((place, id) => ({ id, place })),
      total,
    ).map((one) => one.at);

  it('stand at their places; a second on one place moves on, one past the end goes last', () => {
    expect(at([2, 5], 10)).toEqual([1, 4]);
    expect(at([3, 3, 3], 10)).toEqual([2, 3, 4]);
    expect(at([90, 80], 4)).toEqual([2, 3]);
    expect(at([1, 90], 2)).toEqual([0, 1]);
  });

  it('never share a place nor leave the list', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 30 }), { maxLength: 8 }), fc.nat(20), (places, more) => {
        const found = at(places, places.length + more);
        expect(new Set(found).size).toBe(places.length);
        for (const one of found) expect(one >= 0 && one < places.length + more).toBe(true);
      }),
    );
  });
});

describe('a rule', () => {
  it('keeps every clause when a part is moved, and none is moved into itself', () => {
    const said = (rule: Group) =>
      clausesIn(rule)
        .map((clause) => JSON.stringify(clause))
        .sort();
    fc.assert(
      fc.property(ruleArbitrary, fc.nat(), fc.nat(), fc.boolean(), (rule, a, b, inside) => {
        const rows = pathsIn(rule);
        if (rows.length < 2) return;
        const [from, to] = [rows[a % rows.length]!, rows[b % rows.length]!];
        const path = inside && 'join' in to.part ? [...to.path, 0] : to.path;
        const moved = movePart(rule, from.path, path);
        expect(said(moved)).toEqual(said(rule));
        expect(pathsIn(moved)).toHaveLength(rows.length);
      }),
      { numRuns: 400 },
    );
  });

  it('has the moved part where it was put', () => {
    const rule: Group = {
      join: 'all',
      parts: [{ is: 'featured' }, { is: 'around' }, { join: 'any', parts: [{ is: 'related' }] }],
    };
    expect(partAt(movePart(rule, [0], [2, 1]), [1, 1])).toEqual({ is: 'featured' });
    expect(partAt(movePart(rule, [2, 0], [0]), [0])).toEqual({ is: 'related' });
    expect(movePart(rule, [2], [2, 0])).toBe(rule);
  });
});

describe('typing what is meant', () => {
  const first = (typed: string) => suggest(typed, vocabulary, specimenTree, names)[0];

  it('finds kinds, what occurs in the catalogue, and prices', () => {
    expect(first('reduced')?.clause).toEqual({ is: 'reduced', percent: 0 });
    expect(first('glaze')?.clause).toMatchObject({ is: 'option', option: 1 });
    expect(first('fogb')?.clause).toEqual({ is: 'option', option: 1, values: [4] });
    expect(first('under £60')?.clause).toEqual({ is: 'price', least: null, most: 6000 });
    expect(first('over 12.50')?.clause).toEqual({ is: 'price', least: 1250, most: null });
    expect(first('capac')?.clause).toMatchObject({ is: 'field', field: 'capacity', value: 60 });
    expect(first('presen')).toMatchObject({
      words: 'Tagged Presents',
      clause: { is: 'tag', tags: ['gift ideas'] },
    });
    expect(first('tobin')?.clause).toEqual({ is: 'brand', ids: [1] });
    expect(first('either')?.group).toEqual({ join: 'any', parts: [] });
    expect(suggest('best sold', vocabulary, specimenTree, names).map(({ order }) => order?.by)).toContain(
      'bestSold',
    );
    expect(suggest('zzz', vocabulary, specimenTree, names)).toEqual([]);
    expect(suggest('  ', vocabulary, specimenTree, names)).toEqual([]);
  });

  it('reads how much something is reduced by', () => {
    for (const typed of ['reduced by 20', 'Reduced 20%', '20% off', 'sale 20'])
      expect(first(typed), typed).toMatchObject({
        words: 'Reduced by at least 20%',
        clause: { is: 'reduced', percent: 20 },
      });
    expect(first('coffee 20')?.clause).toMatchObject({ is: 'price', most: 2000 });
    expect(first('under 20')?.clause).toMatchObject({ is: 'price', most: 2000 });
    expect(
      suggest('reduced by 20', vocabulary, specimenTree, names).map(({ clause }) => clause?.is),
    ).toContain('price');
    expect(first('reduced by 100')?.clause).not.toMatchObject({ is: 'reduced', percent: 100 });
  });

  it('reads what is not to hold, as a group with the clause in it', () => {
    expect(first('not fogb')).toMatchObject({
      group: { join: 'none', parts: [{ is: 'option', option: 1, values: [4] }] },
    });
    expect(first('not fogb')!.words).toMatch(/^Not .*Fogbank$/);
    expect(first('none of tobin')?.group?.parts).toEqual([{ is: 'brand', ids: [1] }]);
    expect(first('is not reduced by 20')?.group?.parts).toEqual([{ is: 'reduced', percent: 20 }]);
    // Figures are read as they were typed.
    expect(first('not over £12.50')?.group?.parts).toEqual([{ is: 'price', least: 1250, most: null }]);
    // The word alone still stands for an empty group, and orders have no opposite.
    expect(first('none')?.group).toEqual({ join: 'none', parts: [] });
    for (const one of suggest('not sold', vocabulary, specimenTree, names)) {
      expect(one.order).toBeUndefined();
      expect(one.group?.parts).toHaveLength(1);
    }
    expect(suggest('not zzz', vocabulary, specimenTree, names)).toEqual([]);
  });

  it('reads "is" as what follows it', () => {
    expect(first('is reduced by 20')?.clause).toEqual({ is: 'reduced', percent: 20 });
    expect(first('is not fogb')?.group?.join).toBe('none');
  });

  it('offers every kind of clause by its name', () => {
    for (const kind of clauseKinds)
      if (kind.id !== 'field' && kind.id !== 'option')
        expect(
          suggest(kind.name, vocabulary, specimenTree, names).map(({ clause }) => clause?.is),
          kind.name,
        ).toContain(kind.id);
  });
});
