import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FORM_IDS } from '../forms/formKind.ts';
import { MOST_BANDS } from '../bands/bands.ts';
import { newAssortment, newCard, newShelf } from '../plan/atFirst.ts';
import { shelfBay } from '../plan/bays/shelf.ts';
import { apply, type Command } from '../plan/commands.ts';
import {
  planFaults,
  readDocument,
  withoutTrials,
  documentKeys,
  documentOf,
  type Plan,
} from '../plan/plan.ts';
import { specimenBay, specimenNames, specimenPlan, specimenShelf } from '../specimen/specimen.ts';
import { changesBetween } from './change.ts';

const start = specimenPlan(
  ['one', 'two', 'three'].map((id) => specimenShelf(id)),
  [
    specimenBay('one'),
    specimenBay('two'),
    specimenBay('three'),
    specimenBay('again', { shelfId: 'one' } as never),
    specimenBay('notice', { holds: 'notice', words: 'Hello', link: '' } as never),
  ],
);

/** A band of the plan, whatever bands it has become to have. */
const bands = fc.nat(5);
const bandOf = (plan: Plan, at: number): string => plan.house.bands[at % plan.house.bands.length]!.id;
const pick = fc.nat(20);
const whole = (min: number, max: number) => fc.integer({ min, max });

/** What a person might do next, whatever the plan has become. */
const acts: fc.Arbitrary<(plan: Plan, n: number) => Command | null> = fc.oneof(
  fc
    .tuple(pick, bands, fc.option(whole(1, 6), { nil: undefined }))
    .map(([at, band, value]) => (plan: Plan): Command | null => {
      const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
      return shelf
        ? { do: 'set', on: { shelf }, setting: 'across.count', band: bandOf(plan, band), value }
        : null;
    }),
  fc
    .tuple(pick, bands, fc.option(whole(1, 40), { nil: undefined }))
    .map(([at, band, value]) => (plan: Plan): Command | null => {
      const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
      return shelf
        ? { do: 'set', on: { shelf }, setting: 'amount.items', band: bandOf(plan, band), value }
        : null;
    }),
  fc
    .tuple(pick, bands, fc.constantFrom(...FORM_IDS))
    .map(([at, band, value]) => (plan: Plan): Command | null => {
      const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
      return shelf ? { do: 'set', on: { shelf }, setting: 'form', band: bandOf(plan, band), value } : null;
    }),
  fc
    .tuple(pick, fc.option(whole(0, 90)), fc.boolean())
    .map(([at, px, first]) => (plan: Plan): Command | null => {
      const { bays } = plan.pages.home!;
      const bay = bays[at % bays.length];
      const [one, , three] = plan.house.bands;
      const value =
        px === null ? null : { [one!.id]: px, ...(first || !three ? {} : { [three.id]: px + 1 }) };
      return bay ? { do: 'set', on: { page: 'home', bay: bay.id }, setting: 'look.margin', value } : null;
    }),
  fc.tuple(pick, fc.boolean(), bands).map(([at, value, band]) => (plan: Plan): Command | null => {
    const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
    return shelf && plan.shelves[shelf]!.assortment.of === 'products'
      ? { do: 'set', on: { shelf }, setting: 'card.shown.price', band: bandOf(plan, band), value }
      : null;
  }),
  pick.map((at) => (plan: Plan): Command | null => {
    const shelf = Object.values(plan.shelves)[at % Object.keys(plan.shelves).length];
    if (!shelf) return null;
    const of = shelf.assortment.of === 'products' ? 'categories' : 'products';
    return {
      do: 'putDocument',
      key: `shelf:${shelf.id}`,
      document: { ...shelf, assortment: newAssortment(of), card: newCard(of, plan.house.bands) },
    };
  }),
  fc.tuple(pick, whole(0, 60)).map(([at, value]) => (plan: Plan): Command | null => {
    const { bays } = plan.pages.home!;
    const bay = bays[at % bays.length];
    return bay
      ? {
          do: 'set',
          on: { page: 'home', bay: bay.id },
          setting: 'look.above',
          band: plan.house.bands[0]!.id,
          value,
        }
      : null;
  }),
  fc.tuple(pick, fc.constantFrom('A', 'B')).map(([at, value]) => (plan: Plan): Command | null => {
    const { bays } = plan.pages.home!;
    const bay = bays[at % bays.length];
    return bay ? { do: 'set', on: { page: 'home', bay: bay.id }, setting: 'heading.words', value } : null;
  }),
  fc.tuple(pick, pick).map(([at, to]) => (plan: Plan): Command | null => {
    const { bays } = plan.pages.home!;
    return bays.length
      ? { do: 'moveBay', page: 'home', bay: bays[at % bays.length]!.id, to: to % bays.length }
      : null;
  }),
  pick.map((at) => (plan: Plan): Command | null => {
    const { bays } = plan.pages.home!;
    return bays.length ? { do: 'removeBay', page: 'home', bay: bays[at % bays.length]!.id } : null;
  }),
  // A selection is saved, shown by a shelf, changed, or taken away again.
  fc.tuple(pick, whole(1, 50)).map(([at, limit]) => (): Command => {
    const id = `saved-${at % 3}`;
    const assortment = { ...newAssortment('products'), limit };
    return { do: 'putDocument', key: `assortment:${id}`, document: { id, name: id, assortment } };
  }),
  fc.tuple(pick, pick).map(([at, which]) => (plan: Plan): Command | null => {
    const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
    const saved = [null, ...Object.keys(plan.assortments)];
    const value = saved[which % saved.length]!;
    return shelf ? { do: 'set', on: { shelf }, setting: 'assortmentId', value } : null;
  }),
  fc.tuple(pick, whole(1, 50)).map(([at, fewerThan]) => (plan: Plan): Command | null => {
    const ids = Object.keys(plan.assortments).sort();
    const [from, to] = [ids[0], ids[1 + (at % Math.max(1, ids.length - 1))]];
    if (!from || !to) return null;
    const value = { fewerThan, then: 'topUp', from: to };
    return { do: 'set', on: { assortment: from }, setting: 'assortment.fallback', value };
  }),
  pick.map((at) => (plan: Plan): Command | null => {
    const id = Object.keys(plan.assortments)[at % Math.max(1, Object.keys(plan.assortments).length)];
    return id ? { do: 'removeAssortment', id } : null;
  }),
  pick.map((at) => (plan: Plan, n: number): Command | null => {
    const { bays } = plan.pages.home!;
    return bays.length
      ? { do: 'duplicateBay', page: 'home', bay: bays[at % bays.length]!.id, newId: `copy-${n}` }
      : null;
  }),
  fc.constant((plan: Plan, n: number): Command => {
    const id = `new-${n}`;
    return {
      do: 'addBay',
      page: 'home',
      at: 1,
      bay: shelfBay.atFirst(id, plan.house.bands[0]!.id),
      shelf: newShelf(id, plan.house.bands),
    };
  }),
  fc.constant((plan: Plan, n: number): Command | null =>
    plan.pages.home!.bays.some((bay) => bay.id === 'again')
      ? { do: 'makeSeparate', page: 'home', bay: 'again', newId: `own-${n}` }
      : null,
  ),
  fc.tuple(pick, whole(40, 2500)).map(([at, from]) => (plan: Plan): Command => {
    const { bands: now } = plan.house;
    return { do: 'editBands', edit: { is: 'move', id: now[at % now.length]!.id, from } };
  }),
  fc.tuple(whole(0, 2500), fc.boolean()).map(([from, first]) => (plan: Plan, n: number): Command | null => {
    const { bands: now } = plan.house;
    const band = { id: `band-${n}`, name: `Band ${n}`, nominal: { width: 700, height: 700 } };
    if (now.length >= MOST_BANDS) return null;
    if (first && from >= 40 && from <= now[1]!.from - 40)
      return { do: 'editBands', edit: { is: 'addFirst', band, edge: from } };
    return now.some((one) => Math.abs(one.from - from) < 40)
      ? null
      : { do: 'editBands', edit: { is: 'add', band: { ...band, from } } };
  }),
  pick.map((at) => (plan: Plan): Command | null => {
    const { bands: now } = plan.house;
    return now.length > 2 ? { do: 'editBands', edit: { is: 'remove', id: now[at % now.length]!.id } } : null;
  }),
  pick.map((at) => (plan: Plan): Command => {
    const { bands: now } = plan.house;
    return { do: 'editBands', edit: { is: 'rename', id: now[at % now.length]!.id, name: `Renamed ${at}` } };
  }),
  fc
    .tuple(pick, fc.constantFrom('asItIs' as const, 'other' as const, null))
    .map(([at, keep]) => (plan: Plan): Command | null => {
      const shelf = Object.keys(start.shelves)[at % 3]!;
      if (!plan.shelves[shelf]) return null;
      return keep ? { do: 'keepWay', shelf, keep } : { do: 'tryAnother', shelf };
    }),
  fc.constant((): Command => ({ do: 'set', on: { page: 'home' }, setting: 'name', value: 'Front page' })),
);

function play(moves: readonly ((plan: Plan, n: number) => Command | null)[]): Plan {
  return moves.reduce((plan, move, n) => {
    const command = move(plan, n);
    return command ? apply(plan, command) : plan;
  }, start);
}

describe('differences in plain words', () => {
  it('taking back every sentence, in any order, gives the earlier draft', () => {
    fc.assert(
      fc.property(fc.array(acts, { maxLength: 12 }), fc.infiniteStream(fc.nat(1000)), (moves, chance) => {
        const after = play(moves);
        const changes = changesBetween(start, after, specimenNames);
        let plan = after;
        const left = [...changes];
        while (left.length) {
          const [change] = left.splice(chance.next().value! % left.length, 1);
          plan = apply(plan, change!.takeBack);
        }
        expect(withoutTrials(plan)).toEqual(start);
      }),
      { numRuns: 400 },
    );
  });

  it('whatever is done, the plan meets its own schema and fits together', () => {
    fc.assert(
      fc.property(fc.array(acts, { maxLength: 10 }), (moves) => {
        const plan = play(moves);
        for (const key of documentKeys(plan))
          expect(() => readDocument(key, documentOf(plan, key))).not.toThrow();
        expect(planFaults(plan)).toEqual([]);
      }),
      { numRuns: 100 },
    );
  });

  it('reads as a person would say it', () => {
    const plan = apply(start, {
      do: 'set',
      on: { shelf: 'two' },
      setting: 'across.count',
      band: 'laptop',
      value: 3,
    });
    const said = changesBetween(start, plan, specimenNames).map(({ where, text }) => `${where}: ${text}`);
    expect(said).toEqual(['Home: Heading of two: now 3 across on Laptop, was 4 across']);
    expect(changesBetween(start, start, specimenNames)).toEqual([]);
  });

  it('a new bay speaks for the shelf that came with it', () => {
    let plan = apply(start, { do: 'duplicateBay', page: 'home', bay: 'two', newId: 'copy' });
    plan = apply(plan, { do: 'set', on: { shelf: 'copy' }, setting: 'paging.by', value: 'numbered' });
    expect(changesBetween(start, plan, specimenNames)).toHaveLength(1);
  });
});
