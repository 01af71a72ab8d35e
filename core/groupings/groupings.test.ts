import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fold } from '../catalogue/fold.ts';
import { undoneEdits } from '../facts/factEdit.ts';
import { specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { askedForIn } from './askedFor.ts';
import { emptyGrouping, GROUPINGS, type Grouping } from './grouping.ts';
import {
  groupingEdited,
  groupingEdits,
  groupingEditSchema,
  groupingFault,
  groupingValue,
  newFault,
  type GroupingEdit,
} from './groupingEdit.ts';
import { groupingKinds, listedKinds, whyItStays } from './groupingFacts.ts';
import {
  besides,
  droppedAt,
  MOST_LEVELS,
  placed,
  placeFault,
  placeOf,
  stepped,
  type Place,
} from './places.ts';

const one = (id: number, more: Partial<Grouping> = {}): Grouping => ({
  ...emptyGrouping,
  id,
  slug: `g-${id}`,
  name: `Group ${id}`,
  ...more,
});

/** A forest in which every one stands under one of a lower id, or under none. */
const forest = fc
  .array(fc.record({ under: fc.nat(), position: fc.integer({ min: 0, max: 3 }) }), {
    minLength: 1,
    maxLength: 12,
  })
  .map((list) =>
    list.map(({ under, position }, i) =>
      one(i + 1, { parentId: under % (i + 1) === 0 ? null : under % (i + 1), position }),
    ),
  );
const anywhere = (all: readonly Grouping[]) =>
  fc
    .constantFrom(...all.map(({ id }) => id))
    .chain((id) =>
      fc
        .constantFrom(null, ...all.map((other) => other.id))
        .chain((parent) =>
          fc
            .constantFrom(null, ...besides(all, parent).map((other) => other.id))
            .map((before) => ({ id, place: { parent, before } })),
        ),
    );
const moves = forest.chain((all) => anywhere(all).map((move) => ({ all, ...move })));

const shapeOf = (all: readonly Grouping[], parent: number | null = null): unknown =>
  besides(all, parent).map(({ id }) => [id, shapeOf(all, id)]);
const below = (all: readonly Grouping[], id: number): number[] =>
  besides(all, id).flatMap((child) => [child.id, ...below(all, child.id)]);

describe('the place of a category', () => {
  it('is the one it is put at, while the others keep theirs, and is taken back', () => {
    fc.assert(
      fc.property(moves, ({ all, id, place }) => {
        const fault = placeFault(all, id, place);
        const isUnderItself = place.parent === id || below(all, id).includes(place.parent ?? NaN);
        if (isUnderItself) expect(fault).toMatch(/under itself/);
        if (fault !== null) return;
        const after = placed(all, id, place);
        expect(placeOf(after, id)).toEqual(place);
        const without = (list: readonly Grouping[]) => list.filter((other) => other.id !== id);
        for (const parent of [null, ...all.map((other) => other.id)])
          expect(besides(without(after), parent).map((other) => other.id)).toEqual(
            besides(without(all), parent).map((other) => other.id),
          );
        expect(shapeOf(placed(after, id, placeOf(all, id)))).toEqual(shapeOf(all));
        // What comes along stays below it, and nobody is lost.
        expect(below(after, id)).toEqual(below(all, id));
        expect(JSON.stringify(shapeOf(after)).match(/\d+/g)?.length).toBe(all.length);
      }),
    );
  });

  it('is refused before what is not there, and deeper than there are levels', () => {
    const all = [one(1), one(2, { parentId: 1 }), one(3)];
    expect(placeFault(all, 3, { parent: null, before: 2 })).toMatch(/not there any more/);
    expect(placeFault(all, 3, { parent: 9, before: null })).toMatch(/is gone/);
    expect(placeFault(all, 3, { parent: null, before: 3 })).toMatch(/not there any more/);
    const deep = Array.from({ length: MOST_LEVELS }, (_, i) => one(i + 1, { parentId: i || null }));
    expect(placeFault([...deep, one(90)], 90, { parent: MOST_LEVELS - 1, before: null })).toBeNull();
    expect(placeFault([...deep, one(90)], 90, { parent: MOST_LEVELS, before: null })).toMatch(/too deep/);
    expect(placeFault([...deep, one(90)], 1, { parent: 90, before: null })).toMatch(/too deep/);
    expect(newFault('category', deep, { name: 'New', parent: MOST_LEVELS, type: null })).toMatch(/too deep/);
  });

  it('is reached by steps, each of which the opposite step takes back or is none', () => {
    fc.assert(
      fc.property(moves, ({ all, id }) => {
        const walk = (from: readonly Grouping[], step: 'up' | 'down' | 'in' | 'out') => {
          const place = stepped(from, id, step);
          return place && placed(from, id, place);
        };
        for (const [step, back] of [
          ['up', 'down'],
          ['down', 'up'],
          ['in', 'out'],
        ] as const) {
          const after = walk(all, step);
          if (after) expect(shapeOf(walk(after, back)!)).toEqual(shapeOf(all));
        }
        const out = walk(all, 'out');
        if (out) expect(placeOf(out, id).parent).toBe(placeOf(all, placeOf(all, id).parent!).parent);
      }),
    );
  });

  it('is right beside what it is dropped at', () => {
    fc.assert(
      fc.property(forest, fc.nat(), fc.nat(), (all, a, b) => {
        const [id, on] = [all[a % all.length]!.id, all[b % all.length]!.id];
        for (const position of ['before', 'after', 'on'] as const) {
          const place = droppedAt(all, id, { on, position });
          if (placeFault(all, id, place) !== null) continue;
          const after = placed(all, id, place);
          if (id === on) expect(shapeOf(after)).toEqual(shapeOf(all));
          else if (position === 'on') expect(placeOf(after, id)).toEqual({ parent: on, before: null });
          else if (position === 'before') expect(placeOf(after, id).before).toBe(on);
          else expect(placeOf(after, on).before).toBe(id);
        }
      }),
    );
  });
});

const values: Readonly<Record<string, fc.Arbitrary<unknown>>> = {
  name: fc.constantFrom('Bowls', 'bowls ', 'Group 2', 'Jugs'),
  slug: fc.constantFrom('bowls', 'g-1', 'g-2'),
  description: fc.string({ maxLength: 20 }),
  extraLine: fc.string({ maxLength: 20 }),
  unit: fc.constantFrom('', 'ml', '°C'),
  pictureId: fc.constantFrom(null, 'a'.repeat(64)),
  colour: fc.constantFrom(null, '#8899aa'),
  rule: fc.constantFrom(null, { join: 'all', parts: [{ is: 'featured' }] }),
};

describe('facts of categories, collections and brands', () => {
  it('are written over what they were, keep names and addresses apart, and are taken back', () => {
    const kind = fc.constantFrom(...GROUPINGS);
    const change = fc.record({ at: fc.nat(), fact: fc.constantFrom(...Object.keys(values)), pick: fc.nat() });
    fc.assert(
      fc.property(
        kind,
        forest,
        fc.array(change, { maxLength: 6 }),
        fc.infiniteStream(fc.nat()),
        (of, some, list, seeds) => {
          const flat = groupingKinds[of].tree ? some : some.map((each) => ({ ...each, parentId: null }));
          const done: GroupingEdit[] = [];
          let all: Grouping[] = flat;
          for (const { at, fact } of list) {
            if (!groupingKinds[of].facts.some(({ id }) => id === fact)) continue;
            const is = fc.sample(values[fact]!, { numRuns: 1, seed: seeds.next().value })[0];
            for (const edit of groupingEdits(all, { of, id: all[at % all.length]!.id, fact }, is)) {
              expect(groupingEditSchema.isValidSync(edit, { strict: true })).toBe(true);
              if (groupingFault(all, edit) !== null) continue;
              all = groupingEdited(all, edit);
              done.push(edit);
              expect(groupingValue(all, edit)).toEqual(is);
            }
          }
          expect(new Set(all.map(({ slug }) => slug)).size).toBe(all.length);
          for (const parent of [null, ...all.map(({ id }) => id)]) {
            const names = besides(all, parent).map(({ name }) => fold(name));
            expect(new Set(names).size).toBe(names.length);
          }
          for (const edit of undoneEdits(done)) {
            expect(groupingValue(all, edit)).toEqual(edit.was);
            all = groupingEdited(all, edit);
          }
          expect(all).toEqual(flat);
        },
      ),
    );
  });

  it.each<[string, Partial<GroupingEdit>, RegExp]>([
    ['a fact that there is none of', { fact: 'colour', is: 'red' }, /nothing called "colour"/],
    [
      'one that another kind has',
      { of: 'brand', fact: 'rule', is: null },
      /nothing called "rule" .* of any brand/,
    ],
    ['a name of spaces', { fact: 'name', is: '   ' }, /^Name: It needs a name/],
    ['a name that is none', { fact: 'name', is: 4 }, /^Name: /],
    ['an address of capitals', { fact: 'slug', is: 'Bowls & jugs' }, /^Address: .*small letters/],
    ['no address', { fact: 'slug', is: '' }, /small letters/],
    ['a value of too long a name', { of: 'value', is: 'x'.repeat(61) }, /^Name: .*too long/],
    ['a colour in words', { of: 'value', fact: 'colour', is: 'grey' }, /^Colour: .*#rrggbb/],
    ['a picture from elsewhere', { fact: 'pictureId', is: '../etc' }, /not a picture of the store/],
    ['a place that is none', { fact: 'place', is: { parent: 'x', before: null } }, /^Place: /],
    [
      'a rule that is none',
      { of: 'collection', fact: 'rule', is: { join: 'all', parts: [{ is: 'x' }] } },
      /no clause "x"/,
    ],
    [
      'a rule that goes by collections',
      {
        of: 'collection',
        fact: 'rule',
        is: { join: 'any', parts: [{ join: 'none', parts: [{ is: 'collection', ids: [1] }] }] },
      },
      /cannot be filled from collections/,
    ],
    [
      'a rule that goes by the shopper',
      { of: 'collection', fact: 'rule', is: { join: 'all', parts: [{ is: 'lookedAt' }] } },
      /cannot go by the page or the shopper/,
    ],
    [
      'a rule of nothing',
      { of: 'collection', fact: 'rule', is: { join: 'all', parts: [] } },
      /at least one thing/,
    ],
  ])('refuse %s', (_, more, said) => {
    const edit = { of: 'category', id: 1, fact: 'name', was: 'x', is: 'y', ...more };
    const refused = () => groupingEditSchema.validateSync(edit, { strict: true });
    expect(refused).toThrow(said);
  });

  it('say what somebody else made of them', () => {
    const names = { category: (id: number) => (id === 3 ? 'Bowls' : undefined) } as never;
    const said = (of: 'category' | 'collection', id: string, value: unknown) =>
      groupingKinds[of].facts.find((fact) => fact.id === id)!.say(value, names);
    expect(said('category', 'name', 'Jugs')).toBe('“Jugs”');
    expect(said('category', 'place', { parent: 3, before: null } satisfies Place)).toBe('under Bowls');
    expect(said('category', 'pictureId', null)).toBe('');
    expect(said('collection', 'rule', { join: 'all', parts: [{ is: 'featured' }] })).toContain('featured');
  });
});

describe('values of options', () => {
  // Numbered as options are: a value of 4 is no option of 4.
  const values = [
    one(3, { name: 'Small', parentId: 4, position: 0 }),
    one(4, { name: 'Large', parentId: 4, position: 1 }),
    one(5, { name: 'Fog', parentId: 3, position: 0 }),
  ];
  const move = (id: number, place: Place) =>
    groupingFault(values, { of: 'value', id, fact: 'place', was: placeOf(values, id), is: place });

  it('stand in their own option, in an order, and are called otherwise than those beside them', () => {
    expect(move(4, { parent: 4, before: 3 })).toBeNull();
    expect(move(4, { parent: 3, before: null })).toBe('A value stays with its option.');
    expect(move(4, { parent: null, before: null })).toBe('A value stays with its option.');
    expect(move(4, { parent: 4, before: 5 })).toMatch(/not there any more/);
    const fresh = (name: string, parent: number | null) =>
      newFault('value', values, { name, parent, type: null });
    expect(fresh('small ', 4)).toBe('Another value there is called “Small”.');
    expect(fresh('Small', 3)).toBeNull();
    expect(fresh('Medium', null)).toBe('A value stays with its option.');
    expect(newFault('option', [], { name: 'Size', parent: 4, type: null })).toBe('It stands under none.');
    // As long as files of products take it.
    expect(fresh('x'.repeat(60), 4)).toBeNull();
    expect(fresh('x'.repeat(61), 4)).toMatch(/too long/);
    const after = placed(values, 4, { parent: 4, before: 3 });
    expect(besides(after, 4).map(({ name }) => name)).toEqual(['Large', 'Small']);
    expect(besides(after, 3).map(({ name }) => name)).toEqual(['Fog']);
  });

  it('stay as long as products come in them, and options as well; all else can go', () => {
    for (const of of GROUPINGS) {
      const said = whyItStays(of, one(1, { products: 2 }));
      if (of === 'option' || of === 'value')
        expect(said).toBe('2 products come in it, so it stays. Take it off them first.');
      else expect(said).toBeNull();
      expect(whyItStays(of, one(1))).toBeNull();
      expect(whyItStays(of, one(1, { catchAll: true }))).toMatch(/without a category stand here/);
    }
  });

  it('are listed with their option, where every other kind has a list of its own', () => {
    expect(listedKinds.map(({ of }) => of)).toEqual(GROUPINGS.filter((of) => of !== 'value'));
    for (const { holds, of } of Object.values(groupingKinds))
      if (holds) expect(groupingKinds[holds].under).toBe(of);
  });
});

describe('what asks for a category, a collection or a brand', () => {
  const shelf = (id: string, assortment: unknown) => specimenShelf(id, { assortment } as never);
  const products = (...parts: unknown[]) => ({ of: 'products', rule: { join: 'all', parts } });
  const plan = specimenStored([
    shelf('by-category', products({ join: 'none', parts: [{ is: 'category', ids: [4, 7], below: true }] })),
    shelf('by-collection', products({ is: 'collection', ids: [7] })),
    shelf('by-brand', products({ is: 'brand', ids: [7] }, { is: 'named', ids: [8] })),
    shelf('by-field', products({ is: 'field', field: 'capacity', compare: 'atLeast', value: 7 })),
    shelf('by-option', products({ is: 'option', option: 7, values: [3, 9] })),
    shelf('listed', { of: 'categories', choose: { from: 'named', ids: [7, 9] } }),
    shelf('below', { of: 'categories', choose: { from: 'children', id: 8 } }),
    shelf('others', { of: 'collections', choose: { from: 'named', ids: [9] } }),
  ]);

  it('is found in rules, in lists and in links, and nothing else is', () => {
    expect(askedForIn(plan, 'category', { id: 7, slug: 'capacity' })).toEqual([
      'shelf:by-category',
      'shelf:listed',
    ]);
    expect(askedForIn(plan, 'category', { id: 8, slug: 'capacity' })).toEqual(['shelf:below']);
    expect(askedForIn(plan, 'collection', { id: 7, slug: 'capacity' })).toEqual(['shelf:by-collection']);
    expect(askedForIn(plan, 'collection', { id: 9, slug: 'capacity' })).toEqual(['shelf:others']);
    expect(askedForIn(plan, 'brand', { id: 7, slug: 'capacity' })).toEqual(['shelf:by-brand']);
    expect(askedForIn(plan, 'brand', { id: 8, slug: 'capacity' })).toEqual([]);
    expect(askedForIn(plan, 'field', { id: 3, slug: 'capacity' })).toEqual(['shelf:by-field']);
    expect(askedForIn(plan, 'field', { id: 7, slug: 'glaze' })).toEqual([]);
    expect(askedForIn(plan, 'option', { id: 7, slug: '' })).toEqual(['shelf:by-option']);
    expect(askedForIn(plan, 'option', { id: 9, slug: '' })).toEqual([]);
    expect(askedForIn(plan, 'value', { id: 9, slug: '' })).toEqual(['shelf:by-option']);
    expect(askedForIn(plan, 'value', { id: 7, slug: '' })).toEqual([]);
    const linked = { ...plan, house: { header: { link: 'category:12' } } } as unknown as typeof plan;
    expect(askedForIn(linked, 'category', { id: 12, slug: 'capacity' })).toEqual(['house']);
    expect(askedForIn(linked, 'category', { id: 1, slug: 'capacity' })).toEqual([]);
  });
});
