import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { checkDocument } from '../plan/checkDocument.ts';
import { apply, type Command } from '../plan/commands.ts';
import { documentKeys, documentOf } from '../plan/documents.ts';
import { shelvesOf } from '../plan/places.ts';
import { readPlan } from '../plan/reading.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { merge } from './merge.ts';
import { mergeOrders } from './order.ts';
import { mergeParts } from './value.ts';

const { plan: base } = readPlan(
  JSON.parse(readFileSync(new URL('../plan/formats/stores/format-5.json', import.meta.url), 'utf8')),
);
const run = (plan: StoredPlan, commands: readonly Command[]) => apply(plan, { do: 'revert', commands });

/** Everything in it can be drawn, and every shelf that a bay shows is there. */
function expectWhole(plan: StoredPlan): void {
  for (const key of documentKeys(plan)) expect(checkDocument(key, documentOf(plan, key)), key).toBeNull();
  for (const page of Object.values(plan.pages)) {
    expect(new Set(page.bays.map(({ id }) => id)).size).toBe(page.bays.length);
    for (const bay of page.bays)
      for (const shelf of shelvesOf(bay)) expect(plan.shelves).toHaveProperty([shelf]);
  }
  completePlan(plan);
}

const pageIds = Object.keys(base.pages);
const shelfIds = Object.keys(base.shelves);
const bays = pageIds.flatMap((page) => base.pages[page]!.bays.map(({ id }) => ({ page, bay: id })));

/** Edits of every sort, by two people who may well be at the same thing. `who` keeps what they add apart. */
const edit = (who: string): fc.Arbitrary<Command> => {
  const shelf = fc.constantFrom(...shelfIds);
  const bay = fc.constantFrom(...bays);
  const set = (setting: string, values: readonly unknown[], band?: boolean) =>
    fc
      .tuple(shelf, fc.constantFrom(...values), fc.constantFrom('phone', 'tablet', 'laptop', 'wide'))
      .map(([id, value, at]): Command => ({
        do: 'set',
        on: { shelf: id },
        setting,
        value,
        ...(band ? { band: at } : {}),
      }));
  return fc.oneof(
    set('columns.count', [1, 2, 3, 4, undefined], true),
    set('card.parts.price.shown', [true, false], true),
    set('card.frame', ['framed', 'shadowed', undefined]),
    set('card.order', [
      ['title', 'picture', 'price'],
      ['price', 'title', 'picture'],
    ]),
    set('assortment.byHand', [
      { putIn: [], leftOut: [], pins: [{ id: 3, place: 1 }] },
      { putIn: [7], leftOut: [5], pins: [] },
    ]),
    fc
      .tuple(bay, fc.constantFrom('Autumn', 'Winter', undefined))
      .map(([on, value]): Command => ({ do: 'set', on, setting: 'heading.words', value })),
    fc.tuple(bay, fc.nat(7)).map(([on, to]): Command => ({ do: 'moveBay', ...on, to })),
    bay.map((on): Command => ({ do: 'removeBay', ...on })),
    bay.map((on): Command => ({
      do: 'duplicateBay',
      ...on,
      ids: Object.fromEntries(
        [on.bay, ...shelvesOf(base.pages[on.page]!.bays.find(({ id }) => id === on.bay)!)].map((id) => [
          id,
          `${id.slice(0, 40)}-${who}`,
        ]),
      ),
    })),
    fc
      .constantFrom('#112233', '#445566')
      .map((value): Command => ({ do: 'set', on: { house: true }, setting: 'colours.accent', value })),
  );
};
/** At most one copy of each bay a side, since both copies would have one id. */
const edits = (who: string) =>
  fc
    .array(edit(who), { maxLength: 8 })
    .map((all) =>
      all.filter(
        (one, i) => one.do !== 'duplicateBay' || all.findIndex((x) => x.do === 'duplicateBay') === i,
      ),
    );

describe('merging', () => {
  it('is whole, and the same whichever came first, whatever two people do', () => {
    fc.assert(
      fc.property(edits('a'), edits('b'), (one, other) => {
        const [a, b] = [run(base, one), run(base, other)];
        const [there, back] = [merge(base, a, b), merge(base, b, a)];
        expectWhole(there.plan);
        expect(there.conflicts.map(({ id }) => id).sort()).toEqual(back.conflicts.map(({ id }) => id).sort());
        if (there.conflicts.length === 0) expect(there.plan).toEqual(back.plan);
        // Once every question is answered for one side, nobody can tell who asked.
        const answered = run(
          back.plan,
          back.conflicts.map(({ takeTheirs }) => takeTheirs),
        );
        expectWhole(answered);
        if (there.conflicts.every(({ setting }) => setting !== null && setting !== 'bays'))
          expect(answered).toEqual(there.plan);
      }),
      { numRuns: 300 },
    );
  });

  it('keeps every change of both sides where they are at different things', () => {
    const half = Math.floor(shelfIds.length / 2);
    const at = (ids: readonly string[]) =>
      fc.array(
        fc
          .tuple(fc.constantFrom(...ids), fc.constantFrom('phone', 'laptop'), fc.integer({ min: 1, max: 6 }))
          .map(([shelf, band, value]): Command => ({
            do: 'set',
            on: { shelf },
            setting: 'columns.count',
            band,
            value,
          })),
        { minLength: 1, maxLength: 6 },
      );
    fc.assert(
      fc.property(at(shelfIds.slice(0, half)), at(shelfIds.slice(half)), (one, other) => {
        const merged = merge(base, run(base, one), run(base, other));
        expect(merged.conflicts).toEqual([]);
        expect(merged.plan).toEqual(run(base, [...one, ...other]));
      }),
      { numRuns: 100 },
    );
  });

  const plan = specimenStored([specimenShelf('a'), specimenShelf('b'), specimenShelf('c')]);
  const on = { shelf: 'a' };
  const home = (bay: string) => ({ page: 'home', bay });
  const columns = (band: string, value: number): Command => ({
    do: 'set',
    on,
    setting: 'columns.count',
    band,
    value,
  });

  it('takes two widths of one setting as two things, and one width as one', () => {
    const phone = apply(plan, columns('phone', 1));
    const wide = apply(plan, columns('wide', 7));
    const merged = merge(plan, phone, wide);
    expect(merged.conflicts).toEqual([]);
    expect(merged.plan.shelves.a!.columns!.count).toMatchObject({ phone: 1, wide: 7 });

    const { conflicts, plan: asMine } = merge(plan, phone, apply(plan, columns('phone', 3)));
    expect(conflicts).toMatchObject([
      { target: on, setting: 'columns.count', band: 'phone', mine: 1, theirs: 3 },
    ]);
    expect(asMine.shelves.a!.columns!.count!.phone).toBe(1);
    expect(apply(asMine, conflicts[0]!.takeTheirs).shelves.a!.columns!.count!.phone).toBe(3);
  });

  it('never asks about a width where one side only went on as before', () => {
    // Without any of its own, a shelf has more columns from width to width; one set at a phone holds there alone.
    const bare = specimenStored([specimenShelf('a')]);
    const [phone, laptop] = [apply(bare, columns('phone', 1)), apply(bare, columns('laptop', 6))];
    expect(Object.keys(phone.shelves.a!.columns!.count!).length).toBeGreaterThan(1);
    for (const [mine, theirs] of [
      [phone, laptop],
      [laptop, phone],
    ] as const) {
      const merged = merge(bare, mine, theirs);
      expect(merged.conflicts).toEqual([]);
      const { count } = completePlan(merged.plan).shelves.a!.columns;
      expect(count).toMatchObject({ phone: 1, laptop: 6 });
      expect(count.tablet).toBe(completePlan(bare).shelves.a!.columns.count.tablet);
    }
  });

  it('asks where one removed a bay and the other changed it or its shelf', () => {
    const without = apply(plan, { do: 'removeBay', ...home('a') });
    const changed = apply(plan, columns('phone', 1));
    const mineIsGone = merge(plan, without, changed);
    expect(mineIsGone.conflicts).toMatchObject([{ target: home('a'), setting: null }]);
    expect(mineIsGone.plan.shelves.a).toBeUndefined();
    const back = apply(mineIsGone.plan, mineIsGone.conflicts[0]!.takeTheirs);
    expect(back.pages.home!.bays.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
    expect(back.shelves.a!.columns!.count!.phone).toBe(1);

    const mineIsThere = merge(plan, changed, without);
    expect(mineIsThere.plan.shelves.a).toEqual(changed.shelves.a);
    expect(apply(mineIsThere.plan, mineIsThere.conflicts[0]!.takeTheirs)).toEqual(without);
    // Left alone by the other, it simply goes.
    expect(
      merge(plan, without, apply(plan, { do: 'set', on: home('b'), setting: 'hidden', value: true }))
        .conflicts,
    ).toEqual([]);
  });

  it('keeps a shelf that one side put into another bay while the other removed the first', () => {
    const shown: Command = {
      do: 'addBay',
      page: 'home',
      at: 3,
      bay: { id: 'again', holds: 'shelf', shelfId: 'a' } as never,
    };
    const merged = merge(plan, apply(plan, { do: 'removeBay', ...home('a') }), apply(plan, shown));
    expect(merged.plan.pages.home!.bays.map(({ id }) => id)).toEqual(['b', 'c', 'again']);
    expectWhole(merged.plan);
  });

  it('says what cannot be merged as one whole, and never gives a document that cannot be drawn', () => {
    const kinds = (of: string) => apply(plan, { do: 'set', on, setting: 'assortment', value: { of } });
    const merged = merge(plan, kinds('categories'), kinds('collections'));
    expect(merged.conflicts).toHaveLength(1);
    expectWhole(merged.plan);
    expectWhole(apply(merged.plan, merged.conflicts[0]!.takeTheirs));
  });
});

describe('the order of a list', () => {
  it('follows both sides: what one adds and the other moves', () => {
    expect(mergeOrders(['a', 'b', 'c'], ['a', 'x', 'b', 'c'], ['c', 'a', 'b'])).toEqual({
      order: ['c', 'a', 'x', 'b'],
      collides: false,
    });
    expect(mergeOrders(['a', 'b', 'c'], ['b', 'c'], ['a', 'b', 'y', 'c']).order).toEqual(['b', 'y', 'c']);
    expect(mergeOrders(['a', 'b', 'c', 'd'], ['d', 'a', 'b', 'c'], ['a', 'd', 'b', 'c']).collides).toBe(true);
  });

  it('is the same whoever is named first, loses nothing and makes nothing up', () => {
    const letters = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
    const list = fc.shuffledSubarray(letters);
    fc.assert(
      fc.property(list, list, list, (from, one, other) => {
        const { order } = mergeOrders(from, one, other);
        expect(order).toEqual(mergeOrders(from, other, one).order);
        const wanted = letters.filter((id) =>
          from.includes(id) ? one.includes(id) && other.includes(id) : one.includes(id) || other.includes(id),
        );
        expect([...order].sort()).toEqual(wanted);
        expect(mergeOrders(from, one, from).order).toEqual(one);
      }),
      { numRuns: 500 },
    );
  });
});

describe('values made of parts', () => {
  const clauses = (...is: string[]) => ({ join: 'all', parts: is.map((one) => ({ is: one })) });

  it('takes what both add, and what one leaves out', () => {
    expect(mergeParts(clauses('x', 'y'), clauses('x', 'y', 'mine'), clauses('y', 'theirs'))).toEqual({
      value: clauses('y', 'mine', 'theirs'),
      collides: false,
    });
  });

  it('asks where both change one and the same, or one changes what the other leaves out', () => {
    expect(mergeParts(clauses('x'), clauses('x1'), clauses('x2')).collides).toBe(true);
    expect(mergeParts(clauses('x', 'y'), clauses('x1', 'y'), clauses('y')).collides).toBe(true);
    expect(mergeParts(clauses('x'), { ...clauses('x'), join: 'any' }, clauses('x', 'y')).value).toEqual({
      ...clauses('x', 'y'),
      join: 'any',
    });
  });
});
