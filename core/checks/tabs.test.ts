import { describe, expect, it } from 'vitest';
import { apply } from '../plan/commands.ts';
import { completePlan, type StoredPlan } from '../plan/storedPlan.ts';
import {
  specimenBay,
  specimenNames,
  specimenShelf,
  specimenStored,
  specimenView,
} from '../specimen/specimen.ts';
import { findingsOn } from './index.ts';

/** Tabs by their names, each with what its shelf shows of the first goods. */
const tabbed = (of: Readonly<Record<string, object>>, more: object = {}): StoredPlan =>
  specimenStored(
    Object.entries(of).map(([name, assortment], i) =>
      specimenShelf(`s${i}`, { name, assortment: { of: 'products', ...assortment } as never }),
    ),
    [
      specimenBay('a', {
        holds: 'tabs',
        heading: { words: 'New and reduced' },
        tabs: Object.keys(of).map((name, i) => ({ id: `t${i}`, name, shelfId: `s${i}` })),
        ...more,
      } as never),
    ],
  );

const found = (stored: StoredPlan) => {
  const plan = completePlan(stored);
  return findingsOn(specimenView(plan, 64), plan, specimenNames);
};
const texts = (stored: StoredPlan, check: string) =>
  found(stored)
    .filter((one) => one.check === check)
    .map(({ text }) => text);

describe('checks read every tab', () => {
  it('and name the one of which something is wrong, not the bay', () => {
    const plan = tabbed({ Plates: { limit: 4 }, Bowls: { limit: 0 } });
    expect(texts(plan, 'nothing-to-show')).toEqual([
      'The tab "Bowls" has nothing to show, so it is left out',
    ]);
    expect(texts(tabbed({ Plates: { limit: 4 }, Bowls: { limit: 8 } }), 'same-product-twice')).toEqual([
      expect.stringMatching(/in the tab "Bowls" are shown above already$/),
    ]);
  });

  it('by what each promises: the name of a tab counts, not the heading over all of them', () => {
    expect(
      texts(
        tabbed({
          New: { order: { by: 'newest' }, limit: 4 },
          Reduced: { order: { by: 'reduction' }, limit: 8 },
        }),
        'heading-at-odds',
      ),
    ).toEqual([]);
    expect(texts(tabbed({ New: { order: { by: 'position' }, limit: 4 } }), 'heading-at-odds')).toEqual([
      'A tab says "New", but nothing makes what is shown new',
    ]);
  });

  it('for how many there are and how full, and whether two show the same', () => {
    const even = tabbed({ a: { limit: 8 }, b: { limit: 4 } });
    expect(texts(even, 'tabs-uneven')).toEqual([]);
    expect(texts(tabbed({ a: { limit: 8 }, b: { limit: 3 } }), 'tabs-uneven')).toEqual([
      'The tab "b" shows 3, others up to 8',
    ]);
    expect(texts(tabbed({ a: { limit: 4 }, b: { limit: 8 }, c: { limit: 4 } }), 'tabs-alike')).toEqual([
      'The tab "c" shows the same as the tab "a"',
    ]);
    const many = Object.fromEntries([1, 2, 3, 4, 5, 6].map((limit) => [`t${limit}`, { limit }]));
    expect(texts(tabbed(many), 'tabs-many')).toEqual(['6 tabs; more than 5 are hard to take in']);
    expect(texts(tabbed(many, { hidden: true }), 'tabs-many')).toEqual([]);
  });

  it('and one whose shelf is gone is taken out alone', () => {
    const plan = tabbed({ Plates: { limit: 4 }, Bowls: { limit: 8 } });
    const { s1: _, ...shelves } = plan.shelves;
    const gone = { ...plan, shelves };
    const [one] = found(gone).filter(({ check }) => check === 'shelf-gone');
    expect(one).toMatchObject({
      text: 'The tab "Bowls" of "New and reduced" shows a shelf that is no longer there',
      goTo: 'tabs',
    });
    const mended = apply(gone, one!.fix!.command);
    expect(mended.pages.home!.bays[0]).toMatchObject({ tabs: [{ id: 't0', name: 'Plates', shelfId: 's0' }] });
    expect(texts(mended, 'shelf-gone')).toEqual([]);
    expect(texts({ ...plan, shelves: {} }, 'shelf-gone')).toEqual([
      '"New and reduced" shows a shelf that is no longer there',
    ]);
  });
});
