import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LAYOUT_IDS } from '../layouts/index.ts';
import { MOST_BANDS } from '../bands/bands.ts';
import { checkDocument } from '../plan/checkDocument.ts';
import { apply, type Command } from '../plan/commands.ts';
import { documentKeys, documentOf } from '../plan/documents.ts';
import { shelvesOf, asShoppersSee } from '../plan/places.ts';
import { aroundOf, completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import { same } from '../settings/same.ts';
import { specimenBay, specimenNames, specimenShelf, specimenStored } from '../specimen/specimen.ts';
import { arrangements, startFrom } from '../plan/arrangements/index.ts';
import { sayPlace } from './change.ts';
import { changedBays } from './changedBays.ts';
import { changesBetween } from './changesBetween.ts';

const start = specimenStored(
  ['one', 'two', 'three'].map((id) => specimenShelf(id)),
  [
    specimenBay('one'),
    specimenBay('two'),
    specimenBay('three'),
    specimenBay('again', { shelfId: 'one' }),
    specimenBay('notice', { holds: 'notice', words: 'Hello' } as never),
  ],
);

/** A band of the plan, whatever bands it has become to have. */
const bands = fc.nat(5);
const bandsOf = (plan: StoredPlan) => aroundOf(plan).bands;
const bandOf = (plan: StoredPlan, at: number): string => bandsOf(plan)[at % bandsOf(plan).length]!.id;
const pick = fc.nat(20);
const whole = (min: number, max: number) => fc.integer({ min, max });

/** What a person might do next, whatever the plan has become. */
const acts: fc.Arbitrary<(plan: StoredPlan, n: number) => Command | null> = fc.oneof(
  fc
    .tuple(pick, bands, fc.option(whole(1, 6), { nil: undefined }))
    .map(([at, band, value]) => (plan: StoredPlan): Command | null => {
      const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
      return shelf
        ? { do: 'set', on: { shelf }, setting: 'columns.count', band: bandOf(plan, band), value }
        : null;
    }),
  fc
    .tuple(pick, bands, fc.option(whole(1, 40), { nil: undefined }))
    .map(([at, band, value]) => (plan: StoredPlan): Command | null => {
      const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
      return shelf
        ? { do: 'set', on: { shelf }, setting: 'amount.items', band: bandOf(plan, band), value }
        : null;
    }),
  fc
    .tuple(pick, bands, fc.constantFrom(...LAYOUT_IDS))
    .map(([at, band, value]) => (plan: StoredPlan): Command | null => {
      const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
      return shelf ? { do: 'set', on: { shelf }, setting: 'layout', band: bandOf(plan, band), value } : null;
    }),
  fc
    .tuple(pick, fc.option(whole(0, 90)), fc.boolean())
    .map(([at, px, first]) => (plan: StoredPlan): Command | null => {
      const { bays } = plan.pages.home!;
      const bay = bays[at % bays.length];
      const [one, , three] = bandsOf(plan);
      const value =
        px === null ? undefined : { [one!.id]: px, ...(first || !three ? {} : { [three.id]: px + 1 }) };
      return bay ? { do: 'set', on: { page: 'home', bay: bay.id }, setting: 'look.margin', value } : null;
    }),
  fc.tuple(pick, fc.boolean(), bands).map(([at, value, band]) => (plan: StoredPlan): Command | null => {
    const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
    return shelf
      ? { do: 'set', on: { shelf }, setting: 'card.parts.price.shown', band: bandOf(plan, band), value }
      : null;
  }),
  pick.map((at) => (plan: StoredPlan): Command | null => {
    const shelf = Object.values(plan.shelves)[at % Object.keys(plan.shelves).length];
    if (!shelf) return null;
    const of = shelf.assortment?.of === 'categories' ? 'products' : 'categories';
    return { do: 'set', on: { shelf: shelf.id }, setting: 'assortment', value: { of } };
  }),
  fc.tuple(pick, whole(0, 60)).map(([at, value]) => (plan: StoredPlan): Command | null => {
    const { bays } = plan.pages.home!;
    const bay = bays[at % bays.length];
    return bay
      ? {
          do: 'set',
          on: { page: 'home', bay: bay.id },
          setting: 'look.above',
          band: bandsOf(plan)[0]!.id,
          value,
        }
      : null;
  }),
  fc.tuple(pick, fc.constantFrom('A', 'B')).map(([at, value]) => (plan: StoredPlan): Command | null => {
    const { bays } = plan.pages.home!;
    const bay = bays[at % bays.length];
    return bay ? { do: 'set', on: { page: 'home', bay: bay.id }, setting: 'heading.words', value } : null;
  }),
  fc.tuple(pick, pick).map(([at, to]) => (plan: StoredPlan): Command | null => {
    const { bays } = plan.pages.home!;
    return bays.length
      ? { do: 'moveBay', page: 'home', bay: bays[at % bays.length]!.id, to: to % bays.length }
      : null;
  }),
  pick.map((at) => (plan: StoredPlan): Command | null => {
    const { bays } = plan.pages.home!;
    return bays.length ? { do: 'removeBay', page: 'home', bay: bays[at % bays.length]!.id } : null;
  }),
  // A selection is saved, shown by a shelf, changed, or taken away again.
  fc.tuple(pick, whole(1, 50)).map(([at, limit]) => (): Command => {
    const id = `saved-${at % 3}`;
    const assortment = { of: 'products' as const, limit };
    return { do: 'putDocument', key: `assortment:${id}`, document: { id, name: id, assortment } };
  }),
  fc.tuple(pick, pick).map(([at, which]) => (plan: StoredPlan): Command | null => {
    const shelf = Object.keys(plan.shelves)[at % Object.keys(plan.shelves).length];
    const saved = [undefined, ...Object.keys(plan.assortments)];
    const value = saved[which % saved.length];
    return shelf ? { do: 'set', on: { shelf }, setting: 'assortmentId', value } : null;
  }),
  fc.tuple(pick, whole(1, 50)).map(([at, fewerThan]) => (plan: StoredPlan): Command | null => {
    const ids = Object.keys(plan.assortments).sort();
    const [from, to] = [ids[0], ids[1 + (at % Math.max(1, ids.length - 1))]];
    if (!from || !to) return null;
    const value = { fewerThan, then: 'topUp', from: to };
    return { do: 'set', on: { assortment: from }, setting: 'assortment.fallback', value };
  }),
  pick.map((at) => (plan: StoredPlan): Command | null => {
    const id = Object.keys(plan.assortments)[at % Math.max(1, Object.keys(plan.assortments).length)];
    return id ? { do: 'removeAssortment', id } : null;
  }),
  pick.map((at) => (plan: StoredPlan, n: number): Command | null => {
    const { bays } = plan.pages.home!;
    const bay = bays[at % Math.max(1, bays.length)];
    if (!bay) return null;
    const ids = Object.fromEntries([bay.id, ...shelvesOf(bay)].map((id, i) => [id, `copy-${n}-${i}`]));
    return { do: 'duplicateBay', page: 'home', bay: bay.id, ids };
  }),
  fc.constant((_: StoredPlan, n: number): Command => {
    const id = `new-${n}`;
    return {
      do: 'addBay',
      page: 'home',
      at: 1,
      bay: { id, holds: 'shelf', shelfId: id },
      shelves: [{ id, name: 'New' }],
    };
  }),
  fc.constant((plan: StoredPlan, n: number): Command | null =>
    plan.pages.home!.bays.some((bay) => bay.id === 'again')
      ? { do: 'unlink', page: 'home', bay: 'again', shelf: againShows(plan), newId: `own-${n}` }
      : null,
  ),
  fc.tuple(pick, whole(40, 2500)).map(([at, from]) => (plan: StoredPlan): Command => {
    const now = bandsOf(plan);
    return { do: 'editBands', edit: { is: 'move', id: now[at % now.length]!.id, from } };
  }),
  fc
    .tuple(whole(0, 2500), fc.boolean())
    .map(([from, first]) => (plan: StoredPlan, n: number): Command | null => {
      const now = bandsOf(plan);
      const band = { id: `band-${n}`, name: `Band ${n}`, nominal: { width: 700, height: 700 } };
      if (now.length >= MOST_BANDS) return null;
      if (first && from >= 40 && from <= now[1]!.from - 40)
        return { do: 'editBands', edit: { is: 'addFirst', band, edge: from } };
      return now.some((one) => Math.abs(one.from - from) < 40)
        ? null
        : { do: 'editBands', edit: { is: 'add', band: { ...band, from } } };
    }),
  pick.map((at) => (plan: StoredPlan): Command | null => {
    const now = bandsOf(plan);
    return now.length > 2 ? { do: 'editBands', edit: { is: 'remove', id: now[at % now.length]!.id } } : null;
  }),
  pick.map((at) => (plan: StoredPlan): Command => {
    const now = bandsOf(plan);
    return { do: 'editBands', edit: { is: 'rename', id: now[at % now.length]!.id, name: `Renamed ${at}` } };
  }),
  fc
    .tuple(pick, fc.constantFrom('asItIs' as const, 'other' as const, null))
    .map(([at, keep]) => (plan: StoredPlan): Command | null => {
      const shelf = Object.keys(start.shelves)[at % 3]!;
      if (!plan.shelves[shelf]) return null;
      return keep ? { do: 'keepWay', shelf, keep } : { do: 'tryAnother', shelf };
    }),
  fc.constant((): Command => ({ do: 'set', on: { page: 'home' }, setting: 'name', value: 'Front page' })),
  fc.constantFrom('#123456', '#ffffff').map((value) => (): Command => ({
    do: 'set',
    on: { house: true },
    setting: 'colours.accent',
    value,
  })),
  fc.tuple(bands, whole(0, 90)).map(([band, value]) => (plan: StoredPlan): Command => ({
    do: 'set',
    on: { house: true },
    setting: 'margin',
    band: bandOf(plan, band),
    value,
  })),
  // A page of the owner's own comes, with a shelf of its own, and goes.
  fc.constant((plan: StoredPlan, n: number): Command => {
    if (plan.pages.extra) return { do: 'putDocument', key: 'page:extra', document: null };
    const shelf = { id: `of-extra-${n}`, name: 'Of the page' };
    const bay = { id: 'only', holds: 'shelf' as const, shelfId: shelf.id };
    const page = { id: 'extra', kind: 'own', name: 'Extra', slug: 'extra', bays: [bay] };
    return {
      do: 'together',
      commands: [
        { do: 'putDocument', key: `shelf:${shelf.id}`, document: shelf },
        { do: 'putDocument', key: 'page:extra', document: page },
      ],
    };
  }),
);

const againShows = (plan: StoredPlan): string => {
  const bay = plan.pages.home!.bays.find(({ id }) => id === 'again')!;
  return shelvesOf(bay)[0]!;
};

function play(moves: readonly ((plan: StoredPlan, n: number) => Command | null)[]): StoredPlan {
  return moves.reduce((plan, move, n) => {
    const command = move(plan, n);
    return command ? apply(plan, command) : plan;
  }, start);
}

describe('differences in plain words', () => {
  it('reverting every sentence, in any order, gives the earlier draft', () => {
    fc.assert(
      fc.property(fc.array(acts, { maxLength: 12 }), fc.infiniteStream(fc.nat(1000)), (moves, chance) => {
        const after = asShoppersSee(play(moves));
        const left = changesBetween(start, after, specimenNames);
        let plan = after;
        while (left.length) {
          const [one] = left.splice(chance.next().value! % left.length, 1);
          plan = apply(plan, one!.takeBack);
        }
        expect(asShoppersSee(plan)).toEqual(start);
      }),
      { numRuns: 400 },
    );
  });

  it('something is said whenever two plans differ, and nothing when they do not', () => {
    fc.assert(
      fc.property(fc.array(acts, { maxLength: 6 }), (moves) => {
        const after = asShoppersSee(play(moves));
        const said = changesBetween(start, after, specimenNames);
        expect(said.length > 0).toBe(!same(start, after));
        for (const { place, text } of said) expect(`${sayPlace(place)}: ${text}`).toMatch(/^\S.*: \S.{3}/);
      }),
      { numRuns: 200 },
    );
  });

  it('whatever is done, every document can be drawn', () => {
    fc.assert(
      fc.property(fc.array(acts, { maxLength: 10 }), (moves) => {
        const plan = play(moves);
        for (const key of documentKeys(plan)) expect(checkDocument(key, documentOf(plan, key))).toBeNull();
      }),
      { numRuns: 100 },
    );
  });

  const said = (...commands: Command[]) =>
    changesBetween(start, apply(start, { do: 'together', commands }), specimenNames).map(
      ({ place, text }) => `${sayPlace(place)}: ${text}`,
    );

  it('read as a person would say them', () => {
    const on = { shelf: 'two' };
    expect(said({ do: 'set', on, setting: 'columns.count', band: 'laptop', value: 3 })).toEqual([
      'Home: Heading of two: number of columns now 3 from Laptop, was 4',
    ]);
    expect(said({ do: 'set', on, setting: 'amount.rows', band: 'phone', value: 5 })).toEqual([
      'Home: Heading of two: rows now 5, was 2',
    ]);
    expect(said({ do: 'set', on, setting: 'moving.loop', value: true })).toEqual([
      'Home: Heading of two: loop now on, was off',
    ]);
    expect(said({ do: 'set', on, setting: 'gap.row', band: 'phone', value: 20 })).toEqual([
      'Home: Heading of two: gap between rows set separately, still 20 px on Phone, 28 px on Tablet, 32 px from Laptop',
    ]);
    expect(changesBetween(start, start, specimenNames)).toEqual([]);
  });

  it('tell of the house', () => {
    expect(said({ do: 'set', on: { house: true }, setting: 'colours.accent', value: '#123456' })).toEqual([
      'House style: accent colour now #123456, was #224466',
    ]);
  });

  it('a new bay speaks for the shelf that came with it', () => {
    expect(
      said(
        { do: 'duplicateBay', page: 'home', bay: 'two', ids: { two: 'copy' } },
        { do: 'set', on: { shelf: 'copy' }, setting: 'paging.by', value: 'numbered' },
      ),
    ).toEqual([
      'Home: Heading of two: new bay after Heading of two: all products, in stock, newest first, as a grid of 2 rows',
    ]);
  });

  it('a new bay of content says its text', () => {
    const bay = { id: 'sale', holds: 'notice', words: 'Sale ends Sunday' } as never;
    expect(said({ do: 'addBay', page: 'home', at: 0, bay, shelves: [] })).toEqual([
      'Home: Notice: new bay at the top: "Sale ends Sunday"',
    ]);
  });

  const both = (...commands: Command[]) => {
    const after = apply(start, { do: 'together', commands });
    return { after, changes: changesBetween(start, after, specimenNames) };
  };

  it('a ready-made arrangement is one sentence with the settings that it is made of', () => {
    for (const arrangement of arrangements) {
      const { after, changes } = both(startFrom('two', arrangement, aroundOf(start).bands));
      if (same(after, start)) continue;
      const [change, ...others] = changes;
      // One that changes no layout is told setting by setting.
      if (!change!.id.startsWith('arrangement ')) continue;
      expect(others, arrangement.id).toEqual([]);
      expect(change!.text, arrangement.id).toMatch(
        new RegExp(`^ready-made arrangement "${arrangement.name}": a .* of \\d.*$`),
      );
      expect(change!.settings.length, arrangement.id).toBeGreaterThan(2);
      expect(apply(after, change!.takeBack)).toEqual(start);
      // Each of its settings can be reverted alone.
      expect(change!.settings.reduce((plan, { takeBack }) => apply(plan, takeBack!), after)).toEqual(start);
    }
  });

  it('another layout and how many it shows are one sentence; what else was changed stays apart', () => {
    const on = { shelf: 'two' };
    const { changes } = both(
      { do: 'set', on, setting: 'layout', value: { phone: 'carousel' } },
      { do: 'set', on, setting: 'amount.items', value: { phone: 8 } },
      { do: 'set', on, setting: 'gap.row', value: { phone: 4 } },
    );
    expect(changes.map(({ text }) => text)).toEqual([
      'a carousel of 8, was a grid of 2 rows',
      expect.stringMatching(/^gap between rows now 4 px/),
    ]);
    expect(changes[0]!.settings.map(({ text }) => text)).toEqual([
      'a carousel, was a grid',
      expect.stringMatching(/^items now 8/),
    ]);
  });

  it('name the fewest bays that were moved', () => {
    expect(said({ do: 'moveBay', page: 'home', bay: 'one', to: 3 })).toEqual([
      'Home: bays in another order: "Heading of one"',
    ]);
  });
});

describe('reverting takes along what depends on it', () => {
  const of = (id: string): Command => ({
    do: 'putDocument',
    key: `assortment:${id}`,
    document: { id, name: id.toUpperCase(), assortment: { of: 'products', limit: 3 } },
  });
  const rule = { join: 'all', parts: [{ is: 'reduced', percent: 0 }] };
  const own: Command = { do: 'set', on: { shelf: 'two' }, setting: 'assortment.rule', value: rule };
  const uses: Command = { do: 'set', on: { shelf: 'two' }, setting: 'assortmentId', value: 'new' };

  it('a new assortment leaves no shelf showing all products', () => {
    const before = apply(start, own);
    const after = [of('new'), uses].reduce(apply, before);
    const change = changesBetween(before, after, specimenNames).find(({ text }) =>
      text.startsWith('is new'),
    )!;
    const reverted = apply(after, change.takeBack);
    expect(reverted).toEqual(before);
    expect(completePlan(reverted).shelves.two!.assortment).toMatchObject({ rule });
    expect(change.along).toEqual(['"two" shows what it did before']);
  });

  it('a shelf that is new keeps what it shows as its own', () => {
    const add: Command = {
      do: 'addBay',
      page: 'home',
      at: 0,
      bay: { id: 'fresh', holds: 'shelf', shelfId: 'fresh' },
      shelves: [{ id: 'fresh', name: 'Fresh', assortmentId: 'new' }],
    };
    const after = [of('new'), add].reduce(apply, start);
    const change = changesBetween(start, after, specimenNames).find(({ text }) => text.startsWith('is new'))!;
    const reverted = apply(after, change.takeBack);
    expect(completePlan(reverted).shelves.fresh!.assortment).toMatchObject({ of: 'products', limit: 3 });
    expect(reverted.shelves.fresh!.assortmentId).toBeUndefined();
  });

  it('an assortment that is shown again is put back with it, and that is said', () => {
    const before = [of('old'), { ...uses, value: 'old' } as Command].reduce(apply, start);
    const after = apply(before, { do: 'removeAssortment', id: 'old' });
    const change = changesBetween(before, after, specimenNames).find(({ place }) =>
      place.name?.includes('two'),
    )!;
    expect(change.along).toEqual(['puts back the assortment "OLD"']);
    expect(apply(after, change.takeBack)).toEqual(before);
  });
});

describe('bays that differ', () => {
  it('are those of which something was changed, came or went, in either direction', () => {
    const ids = (...commands: Command[]) => {
      const after = apply(start, { do: 'together', commands });
      const there = changedBays(start, after, 'home');
      expect(changedBays(after, start, 'home')).toEqual(there);
      return [...there].sort();
    };
    expect(ids()).toEqual([]);
    expect(ids({ do: 'set', on: { shelf: 'two' }, setting: 'gap.row', value: { phone: 4 } })).toEqual([
      'two',
    ]);
    // A shelf that two bays show.
    expect(ids({ do: 'set', on: { shelf: 'one' }, setting: 'gap.row', value: { phone: 4 } })).toEqual([
      'again',
      'one',
    ]);
    expect(
      ids({ do: 'set', on: { page: 'home', bay: 'notice' }, setting: 'words', value: 'Changed' }),
    ).toEqual(['notice']);
    expect(ids({ do: 'removeBay', page: 'home', bay: 'three' })).toEqual(['three']);
    const fresh = { id: 'fresh', holds: 'notice', words: 'New' } as never;
    expect(ids({ do: 'addBay', page: 'home', at: 0, bay: fresh, shelves: [] })).toEqual(['fresh']);
    expect(ids({ do: 'moveBay', page: 'home', bay: 'one', to: 2 })).toEqual([]);
  });

  it('are those whose assortment was changed', () => {
    const saved = (limit: number): Command => ({
      do: 'putDocument',
      key: 'assortment:x',
      document: { id: 'x', name: 'X', assortment: { of: 'products', limit } },
    });
    const shows: Command = { do: 'set', on: { shelf: 'two' }, setting: 'assortmentId', value: 'x' };
    const before = [saved(3), shows].reduce(apply, start);
    expect([...changedBays(before, apply(before, saved(4)), 'home')]).toEqual(['two']);
  });
});
